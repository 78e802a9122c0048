package app.fret.bow;

import java.util.List;
import java.util.function.IntFunction;

/**
 * The strokes of a passage.
 *
 * @param strokes in order, together holding every note once
 * @param effort total effort
 * @param hairCm hair of the bow, in cm
 * @param troubles where the bow gets into trouble, in the order of the music
 * @param others works out {@link #otherWays(int)}
 */
public record BowPlan(
    List<Stroke> strokes,
    double effort,
    double hairCm,
    List<BowTrouble> troubles,
    IntFunction<List<OtherStroke>> others) {
  public BowPlan {
    strokes = List.copyOf(strokes);
    troubles = List.copyOf(troubles);
  }

  /** The other ways to take a stroke, cheapest first; none where it is plucked. */
  public List<OtherStroke> otherWays(int stroke) {
    return others.apply(stroke);
  }
}
