package app.fret.lefthand;

import app.fret.lefthand.hand.Placement;
import app.fret.score.SoundingPitch;
import java.util.Optional;

/**
 * One move of the hand along the string.
 *
 * @param fromNote number of the last note stopped before it
 * @param toNote number of the first note stopped after it
 * @param leaving the hand before
 * @param landing the hand afterwards
 * @param travelMm way of the hand in mm, never negative
 * @param bits difficulty of the landing, see {@link app.fret.lefthand.effort.shift.Fitts}
 * @param availableSeconds time the hand has: the gap that covers it, or the end of the note before
 * @param guides notes that help to find the way
 * @param slide when and how the hand moves
 * @param landmark the nearest place that can be found without searching, where one is near
 * @param markAtNote number of the note to write it at: where the hand starts to move
 */
public record Shift(
    int fromNote,
    int toNote,
    Placement leaving,
    Placement landing,
    double travelMm,
    double bits,
    double availableSeconds,
    Guides guides,
    Slide slide,
    Optional<Landmark> landmark,
    int markAtNote) {

  /**
   * The guide note of each school.
   *
   * @param lower of the leaving and the landing finger the lower-numbered carries the hand
   * @param departing the leaving finger carries: old string, new position
   * @param arriving the landing finger carries: new string, old position
   * @param target the note landed on, as the finger stops it
   */
  public record Guides(
      SoundingPitch lower, SoundingPitch departing, SoundingPitch arriving, SoundingPitch target) {
    /** Whether a guide lies above the target, so that an upward shift would overshoot. */
    public boolean overshoots(SoundingPitch guide) {
      return guide.midi() > target.midi();
    }
  }

  /**
   * When and how the hand moves.
   *
   * @param startShare when it starts, as a share of the note before, 0 to 1
   * @param endShare when it ends, as a share of the note before; 1 when it ends with the note
   * @param secondsFromNote what it takes from the note before, in s
   * @param heard whether it may be heard
   * @param bow what the bow does meanwhile
   */
  public record Slide(
      double startShare, double endShare, double secondsFromNote, boolean heard, BowDuring bow) {}

  /** What the bow does during a shift. */
  public enum BowDuring {
    /** It stays in the string: the shift is on one string. */
    KEPT,
    /** It is lightened: the shift goes across strings. */
    LIGHTENED,
    /** It rests, or an open string sounds. */
    FREE
  }

  /**
   * A place on the string that a player finds without searching.
   *
   * @param words what it is, such as {@code octave harmonic}
   * @param distanceMm how far the landing lies above it in mm, negative below
   */
  public record Landmark(String words, double distanceMm) {}

  /** Mean speed the hand needs at the target tempo. */
  public double speedMmPerSecond() {
    return travelMm / availableSeconds;
  }

  /** Mean speed the hand needs at a share of the target tempo, such as 0.5 for half. */
  public double speedMmPerSecondAt(double shareOfTarget) {
    return speedMmPerSecond() * shareOfTarget;
  }

  /** Whether the hand goes up the string. */
  public boolean isUpward() {
    return landing.hand() > leaving.hand();
  }
}
