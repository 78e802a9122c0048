package app.fret.bow;

import java.util.List;

/**
 * The strokes of a passage.
 *
 * @param strokes in order, together holding every note once
 * @param effort total effort
 * @param hairCm hair of the bow, in cm
 */
public record BowPlan(List<Stroke> strokes, double effort, double hairCm) {
  public BowPlan {
    strokes = List.copyOf(strokes);
  }
}
