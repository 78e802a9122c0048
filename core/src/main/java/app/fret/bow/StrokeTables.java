package app.fret.bow;

import java.util.HashMap;
import java.util.Map;

/** The tables of all strokes; those alike in all that terms look at share one. */
final class StrokeTables {
  private final BowWeights weights;
  private final int places;
  private final Map<Demand, StrokeTable> known = new HashMap<>();

  StrokeTables(BowWeights weights, int places) {
    this.weights = weights;
    this.places = places;
  }

  StrokeTable of(Demand demand) {
    return known.computeIfAbsent(demand, d -> new StrokeTable(d, weights, places));
  }
}
