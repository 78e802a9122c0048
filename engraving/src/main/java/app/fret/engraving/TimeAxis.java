package app.fret.engraving;

import app.fret.score.Passage;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/** Where a moment of the passage lies on one system. */
final class TimeAxis {
  private final Passage passage;
  private final List<EventShape> shapes;
  private final Placed placed;
  private final double width;

  TimeAxis(Passage passage, List<EventShape> shapes, Placed placed, double width) {
    this.passage = passage;
    this.shapes = shapes;
    this.placed = placed;
    this.width = width;
  }

  /** Whether the moment lies on this system; its end counts only on the last. */
  boolean holds(Fraction onset) {
    boolean last = placed.range().lastBar() == passage.bars().size() - 1;
    int toEnd = onset.compareTo(end());
    return onset.compareTo(start()) >= 0 && (toEnd < 0 || (last && toEnd == 0));
  }

  Fraction start() {
    return passage.bars().get(placed.range().firstBar()).onset();
  }

  Fraction end() {
    return passage.bars().get(placed.range().lastBar()).end();
  }

  /** Left edge of the head that sounds at this moment, or a place between two. */
  double x(Fraction onset) {
    double before = placed.start();
    Fraction beforeOnset = start();
    for (int i = placed.firstEvent(); i <= placed.lastEvent(); i++) {
      EventShape shape = shapes.get(i);
      int order = shape.event.onset().compareTo(onset);
      if (order == 0 && !shape.isGrace()) {
        return placed.x(i);
      }
      if (order > 0) {
        return between(before, beforeOnset, placed.x(i), shape.event.onset(), onset);
      }
      before = placed.x(i);
      beforeOnset = shape.event.onset();
    }
    return onset.compareTo(end()) >= 0
        ? placed.end() - 0.8
        : between(before, beforeOnset, placed.end(), end(), onset);
  }

  private double between(double x1, Fraction t1, double x2, Fraction t2, Fraction t) {
    double whole = t2.subtract(t1).doubleValue();
    double share = whole == 0 ? 0 : t.subtract(t1).doubleValue() / whole;
    return x1 + (x2 - x1) * share;
  }

  double width() {
    return width;
  }
}
