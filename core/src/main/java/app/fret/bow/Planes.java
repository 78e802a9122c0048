package app.fret.bow;

/**
 * How far the hand travels for a crossing, as a lever: the further out on the bow, the longer. The
 * angle between neighbouring strings is that of the bridge's arch (common practice, no source).
 */
final class Planes {
  private static final double DEGREES_BETWEEN_STRINGS = 15;
  private static final double HAND_BEHIND_FROG_MM = 30;

  private Planes() {}

  /** Travel of the hand in mm from one string to another, with the bow at a place. */
  static double leapMm(BowLine line, double place, int stringsApart) {
    double leverMm = place * line.hairCm() * 10 + HAND_BEHIND_FROG_MM;
    return leverMm * Math.toRadians(DEGREES_BETWEEN_STRINGS * stringsApart);
  }
}
