package app.fret.engraving;

import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.List;

/**
 * Decides how far apart events stand and which bars share a system.
 *
 * <p>Each event is followed by a spring whose length grows with the logarithm of its duration,
 * never shorter than the rod that keeps neighbours from touching. Bars are broken into systems so
 * that the squares of their stretches sum to the least. Source of the manner: Gourlay 1987,
 * "Spacing a line of music" (springs and rods); Knuth and Plass 1981 (optimal breaks), both from
 * memory.
 */
final class Spacing {
  private static final double SIXTEENTH_IDEAL = 2.35;
  private static final double PER_DOUBLING = 0.95;
  private static final double SHORTEST_IDEAL = 1.7;
  private static final double GRACE_IDEAL = 1.35;
  private static final double ROD_GAP = 0.45;
  private static final double BAR_LEFT = 1.1;
  private static final double BAR_RIGHT = 0.9;
  private static final double EMPTY_BAR = 8;
  private static final double LONG_REST = 9;

  /** Room for thick line, thin line and dots before the first note. */
  private static final double REPEAT_START = 1.9;

  private final Passage passage;
  private final List<EventShape> shapes;
  private final Signatures signatures;
  private final LongRests longRests;
  private final int[] firstEvent;

  Spacing(Passage passage, List<EventShape> shapes, Signatures signatures, LongRests longRests) {
    this.longRests = longRests;
    this.passage = passage;
    this.shapes = shapes;
    this.signatures = signatures;
    this.firstEvent = firstEvents();
  }

  /** Index of the first event of each bar, and one past the last. */
  private int[] firstEvents() {
    int bars = passage.bars().size();
    int[] first = new int[bars + 1];
    int event = 0;
    for (int bar = 0; bar < bars; bar++) {
      first[bar] = event;
      while (event < shapes.size() && shapes.get(event).event.bar() == bar) {
        event++;
      }
    }
    first[bars] = event;
    return first;
  }

  int firstEvent(int bar) {
    return firstEvent[bar];
  }

  /** Natural length of the spring after an event. */
  private static double ideal(EventShape shape) {
    if (shape.isGrace()) {
      return GRACE_IDEAL;
    }
    double sixteenths = shape.event.length().doubleValue() * 16;
    double doublings = Math.log(sixteenths) / Math.log(2);
    return Math.max(SHORTEST_IDEAL, SIXTEENTH_IDEAL + PER_DOUBLING * doublings);
  }

  private double rod(int event, int lastOfBar) {
    EventShape shape = shapes.get(event);
    double next = event < lastOfBar ? shapes.get(event + 1).left : BAR_RIGHT - ROD_GAP;
    return shape.right + ROD_GAP + next;
  }

  /** Width of a bar when its springs are stretched by this factor, signatures included. */
  double barWidth(int bar, boolean startsSystem, double stretch) {
    if (longRests.isHidden(bar)) {
      return 0;
    }
    double width = signatures.width(bar, startsSystem) + barLeft(bar);
    if (longRests.barsDrawnAs(bar) > 1) {
      return width + LONG_REST;
    }
    int last = firstEvent[bar + 1] - 1;
    if (last < firstEvent[bar]) {
      return width + EMPTY_BAR;
    }
    width += shapes.get(firstEvent[bar]).left;
    for (int event = firstEvent[bar]; event <= last; event++) {
      width += Math.max(rod(event, last), ideal(shapes.get(event)) * stretch);
    }
    return width;
  }

  private double barLeft(int bar) {
    return BAR_LEFT + (passage.bars().get(bar).edges().repeatStart() ? REPEAT_START : 0);
  }

  /** Left edge of the heads of each event of a bar whose signatures end at x. */
  double[] eventPlaces(int bar, double x, double stretch) {
    int first = firstEvent[bar];
    int last = firstEvent[bar + 1] - 1;
    double[] places = new double[Math.max(0, last - first + 1)];
    double at = x + barLeft(bar);
    for (int event = first; event <= last; event++) {
      at += event == first ? shapes.get(event).left : 0;
      places[event - first] = at;
      at += Math.max(rod(event, last), ideal(shapes.get(event)) * stretch);
    }
    return places;
  }

  private double lineWidth(int firstBar, int lastBar, double stretch) {
    double width = 0;
    for (int bar = firstBar; bar <= lastBar; bar++) {
      width += barWidth(bar, bar == firstBar, stretch);
    }
    return width;
  }

  /** The stretch at which these bars fill the width, between 0 (rods only) and 3. */
  double stretchToFill(int firstBar, int lastBar, double width) {
    double low = 0;
    double high = 3;
    for (int i = 0; i < 40; i++) {
      double middle = (low + high) / 2;
      if (lineWidth(firstBar, lastBar, middle) < width) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low;
  }

  /** First bar of each system, and one past the last bar. */
  List<Integer> breaks(double width) {
    int bars = passage.bars().size();
    double[] inner = new double[bars];
    double[] leading = new double[bars];
    for (int bar = 0; bar < bars; bar++) {
      inner[bar] = barWidth(bar, false, 1);
      leading[bar] = barWidth(bar, true, 1);
    }
    double[] best = new double[bars + 1];
    int[] cameFrom = new int[bars + 1];
    for (int end = 1; end <= bars; end++) {
      best[end] = Double.POSITIVE_INFINITY;
      double natural = 0;
      for (int start = end - 1; start >= 0; start--) {
        double line = natural + leading[start];
        natural += inner[start];
        if (longRests.isHidden(start)) {
          continue;
        }
        double badness = badness(line, width, end == bars, end - start == 1);
        if (best[start] + badness < best[end]) {
          best[end] = best[start] + badness;
          cameFrom[end] = start;
        }
        if (line > 2 * width) {
          break;
        }
      }
    }
    List<Integer> breaks = new ArrayList<>();
    for (int at = bars; at > 0; at = cameFrom[at]) {
      breaks.add(0, at);
    }
    breaks.add(0, 0);
    return breaks;
  }

  private static double badness(double line, double width, boolean last, boolean single) {
    if (line > width * 1.12) {
      return single ? 10 : Double.POSITIVE_INFINITY;
    }
    double slack = width / line - 1;
    double weight = slack < 0 ? 6 : last ? 0.15 : 1;
    return 0.02 + weight * slack * slack;
  }
}
