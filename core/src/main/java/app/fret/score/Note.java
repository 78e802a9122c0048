package app.fret.score;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * One note head.
 *
 * @param written pitch on the page
 * @param tiedFrom whether a tie arrives from the note before
 * @param tiedTo whether a tie leaves to the next note
 * @param accidental printed accidental, if the source prints one
 * @param finger printed finger, if any
 * @param string printed string, 1 the highest, if any
 * @param harmonic printed harmonic sign
 */
public record Note(
    WrittenPitch written,
    boolean tiedFrom,
    boolean tiedTo,
    Optional<Accidental> accidental,
    Optional<Finger> finger,
    OptionalInt string,
    Harmonic harmonic) {

  /** Kinds of harmonic a part can ask for. */
  public enum Harmonic {
    NONE,
    NATURAL,
    ARTIFICIAL
  }

  /** A note with nothing printed at it. */
  public static Note of(WrittenPitch written) {
    return new Note(
        written,
        false,
        false,
        Optional.empty(),
        Optional.empty(),
        OptionalInt.empty(),
        Harmonic.NONE);
  }

  /** The same note with these ties. */
  public Note withTies(boolean from, boolean to) {
    return new Note(written, from, to, accidental, finger, string, harmonic);
  }

  /** The same note with this accidental printed before it. */
  public Note withAccidental(Optional<Accidental> sign) {
    return new Note(written, tiedFrom, tiedTo, sign, finger, string, harmonic);
  }

  /** The same note with a printed finger and string. */
  public Note withFingering(Optional<Finger> newFinger, OptionalInt newString) {
    return new Note(written, tiedFrom, tiedTo, accidental, newFinger, newString, harmonic);
  }
}
