package app.fret.lefthand.effort.shift;

import app.fret.instrument.StringGeometry;

/**
 * How hard it is to hit a note after travelling to it, in bits.
 *
 * <p>Source: Fitts 1954, J. Exp. Psychol. 47, in the Shannon form of MacKenzie 1992: {@code bits =
 * log2(D/W + 1)} with travel D and full target width W in the same unit.
 */
public final class Fitts {
  /** Full width of the target: ten cents to either side (common practice, no source). */
  public static final double TARGET_CENTS = 20;

  private Fitts() {}

  /** Bits of a travel in mm onto a note that many semitones above the open string. */
  public static double bits(StringGeometry geometry, double travelMm, int landingSemitone) {
    double widthMm = geometry.centsToMm(TARGET_CENTS, landingSemitone);
    return Math.log(travelMm / widthMm + 1) / Math.log(2);
  }
}
