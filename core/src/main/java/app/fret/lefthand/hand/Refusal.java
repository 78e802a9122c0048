package app.fret.lefthand.hand;

import java.util.List;

/**
 * Why a chord cannot be held: the closest a hand comes to it.
 *
 * @param stops the stops that come closest; empty when its notes do not even lie on strings of
 *     their own
 * @param lower the lower of the two fingers that are too far apart, or that would have to cross
 * @param upper the upper of them
 * @param neededMm how far apart they would stand, in mm
 * @param greatestMm how far this hand can open between them, in mm; 0 when they would cross
 */
public record Refusal(
    List<Stop> stops, Stop lower, Stop upper, double neededMm, double greatestMm) {
  public Refusal {
    stops = List.copyOf(stops);
  }
}
