package app.fret.lefthand;

import app.fret.score.SoundingPitch;

/**
 * One move of the hand along the string.
 *
 * @param fromNote number of the last note stopped before it
 * @param toNote number of the first note stopped after it
 * @param fromBase where the hand stood
 * @param toBase where it stands afterwards
 * @param travelMm way of the hand in mm, never negative
 * @param bits difficulty of the landing, see {@link app.fret.lefthand.effort.Fitts}
 * @param availableSeconds time the hand has: the note before it, or the gap that covers it
 * @param guides notes that help to find the way
 * @param markAtNote number of the note to write it at: where the hand starts to move
 */
public record Shift(
    int fromNote,
    int toNote,
    int fromBase,
    int toBase,
    double travelMm,
    double bits,
    double availableSeconds,
    Guides guides,
    int markAtNote) {

  /**
   * The guide note of each school.
   *
   * @param lower of the leaving and the landing finger the lower-numbered carries the hand
   * @param departing the leaving finger carries: old string, new position
   * @param arriving the landing finger carries: new string, old position
   */
  public record Guides(SoundingPitch lower, SoundingPitch departing, SoundingPitch arriving) {}

  /** Mean speed the hand needs at the target tempo. */
  public double speedMmPerSecond() {
    return travelMm / availableSeconds;
  }
}
