package app.fret.instrument;

import app.fret.score.SoundingPitch;

/** Frequencies of equal temperament from the player's A. Source: ISO 16 for A = 440 Hz. */
public final class Frequency {
  private static final int A4 = 69;

  private Frequency() {}

  /**
   * Frequency of a pitch in Hz.
   *
   * @param a4Hz the player's tuning note, 415 to 446 in use
   */
  public static double hertz(SoundingPitch pitch, double a4Hz) {
    return a4Hz * Math.pow(2, (pitch.midi() - A4) / 12.0);
  }
}
