package app.fret.edit;

import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Which events of two readings of the same music are the same, told by what they hold.
 *
 * <p>Bars that are equal are matched first, in order, as many as can be; between them, events that
 * share a pitch or are both rests, in order, those that are equal in all else and stand at the same
 * moment of their bar before those that are not.
 */
final class EventMatch {
  /** Beyond so many pairs of events between equal bars nothing is told of them. */
  private static final long MOST_PAIRS = 4_000_000;

  private final List<Measure> first;
  private final List<Measure> second;
  private final int[] firstEvent;
  private final int[] secondEvent;
  private final Map<Integer, Integer> matched = new HashMap<>();

  private record Placed(int event, Item item, String moment) {}

  private EventMatch(Passage first, Passage second) {
    this.first = MendedBars.contents(first);
    this.second = MendedBars.contents(second);
    firstEvent = firstEvents(this.first);
    secondEvent = firstEvents(this.second);
  }

  /** By event of the first passage: the event of the second that is the same. */
  static Map<Integer, Integer> of(Passage first, Passage second) {
    EventMatch match = new EventMatch(first, second);
    match.matchAll();
    return match.matched;
  }

  private static int[] firstEvents(List<Measure> bars) {
    int[] starts = new int[bars.size() + 1];
    for (int i = 0; i < bars.size(); i++) {
      starts[i + 1] = starts[i] + Math.max(1, bars.get(i).items().size());
    }
    return starts;
  }

  private void matchAll() {
    int gapInFirst = 0;
    int gapInSecond = 0;
    for (Map.Entry<Integer, Integer> pair : MendedBars.pairs(first, second).entrySet()) {
      matchBetween(gapInFirst, pair.getKey(), gapInSecond, pair.getValue());
      int events = firstEvent[pair.getKey() + 1] - firstEvent[pair.getKey()];
      for (int i = 0; i < events; i++) {
        matched.put(firstEvent[pair.getKey()] + i, secondEvent[pair.getValue()] + i);
      }
      gapInFirst = pair.getKey() + 1;
      gapInSecond = pair.getValue() + 1;
    }
    matchBetween(gapInFirst, first.size(), gapInSecond, second.size());
  }

  private void matchBetween(int from, int to, int otherFrom, int otherTo) {
    List<Placed> mine = placed(first, firstEvent, from, to);
    List<Placed> theirs = placed(second, secondEvent, otherFrom, otherTo);
    if ((long) mine.size() * theirs.size() > MOST_PAIRS) {
      return;
    }
    int[][] best = new int[mine.size() + 1][theirs.size() + 1];
    for (int i = mine.size() - 1; i >= 0; i--) {
      for (int j = theirs.size() - 1; j >= 0; j--) {
        int likeness = likeness(mine.get(i), theirs.get(j));
        int taken = likeness == 0 ? 0 : likeness + best[i + 1][j + 1];
        best[i][j] = Math.max(taken, Math.max(best[i + 1][j], best[i][j + 1]));
      }
    }
    walk(mine, theirs, best);
  }

  private void walk(List<Placed> mine, List<Placed> theirs, int[][] best) {
    int i = 0;
    int j = 0;
    while (i < mine.size() && j < theirs.size()) {
      int likeness = likeness(mine.get(i), theirs.get(j));
      if (likeness > 0 && best[i][j] == likeness + best[i + 1][j + 1]) {
        matched.put(mine.get(i++).event(), theirs.get(j++).event());
      } else if (best[i][j] == best[i + 1][j]) {
        i++;
      } else {
        j++;
      }
    }
  }

  private static List<Placed> placed(List<Measure> bars, int[] starts, int from, int to) {
    List<Placed> placed = new ArrayList<>();
    for (int bar = from; bar < to; bar++) {
      Measure measure = bars.get(bar);
      for (int i = 0; i < measure.items().size(); i++) {
        String moment = measure.onsetOf(i).toString();
        placed.add(new Placed(starts[bar] + i, measure.items().get(i), moment));
      }
    }
    return placed;
  }

  /** 0 for events that cannot be the same. */
  private static int likeness(Placed one, Placed other) {
    Item a = one.item();
    Item b = other.item();
    boolean shared =
        a.notes().stream()
            .anyMatch(n -> b.notes().stream().anyMatch(m -> m.written().equals(n.written())));
    if (!shared && !(a.isRest() && b.isRest()) || a.isGrace() != b.isGrace()) {
      return 0;
    }
    int likeness = 4;
    likeness += a.equals(b) ? 2 : a.written().equals(b.written()) ? 1 : 0;
    return likeness + (one.moment().equals(other.moment()) ? 1 : 0);
  }
}
