package app.fret.bow;

import java.util.List;

/**
 * The strokes of a passage.
 *
 * @param strokes in order, together holding every note once
 */
public record BowPlan(List<Stroke> strokes) {
  public BowPlan {
    strokes = List.copyOf(strokes);
  }
}
