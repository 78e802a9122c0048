package app.fret.instrument;

/**
 * Where notes lie on a string of given length.
 *
 * <p>Equal temperament: {@code d(s) = L (1 - 2^(-s/12))} from the nut. Source: the mathematics of
 * the vibrating string.
 *
 * @param lengthMm vibrating length of the open string in mm, above 0
 */
public record StringGeometry(double lengthMm) {
  private static final double LN2_PER_CENT = Math.log(2) / 1200;

  public StringGeometry {
    if (!(lengthMm > 0)) {
      throw new IllegalArgumentException("a string of " + lengthMm + " mm");
    }
  }

  /** Distance from the nut to the note that many semitones above the open string, in mm. */
  public double fromNutMm(double semitones) {
    return lengthMm - remainingMm(semitones);
  }

  /** Length left to vibrate when stopped that many semitones above the open string, in mm. */
  public double remainingMm(double semitones) {
    return lengthMm * Math.pow(2, -semitones / 12);
  }

  /** Distance between two notes of the string in mm, never negative. */
  public double spanMm(double fromSemitones, double toSemitones) {
    return Math.abs(fromNutMm(toSemitones) - fromNutMm(fromSemitones));
  }

  /** Finger travel in mm that changes the note by so many cents, near this note. */
  public double centsToMm(double cents, double atSemitones) {
    return remainingMm(atSemitones) * LN2_PER_CENT * cents;
  }
}
