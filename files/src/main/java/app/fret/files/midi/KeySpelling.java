package app.fret.files.midi;

import app.fret.score.Key;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;

/**
 * Spells sounding pitches in a key: the twelve names that lie nearest to it on the line of fifths
 * (after Temperley, The Cognition of Basic Musical Structures, 2001, from memory), but for a note
 * outside the scale that steps on by a half step, which keeps the letter it comes from.
 */
final class KeySpelling {
  private static final int TWELVE = 12;
  private static final int LETTERS = 7;

  /** Letters on the line of fifths from F. */
  private static final Step[] FIFTHS = {Step.F, Step.C, Step.G, Step.D, Step.A, Step.E, Step.B};

  private final Key key;
  private final boolean minor;

  /**
   * A speller.
   *
   * @param minor whether the key is the minor one, whose sixth and seventh rise
   */
  KeySpelling(Key key, boolean minor) {
    this.key = key;
    this.minor = minor;
  }

  /**
   * The name of a pitch.
   *
   * @param semitone the pitch on the MIDI scale
   * @param next the pitch that follows, on the same scale; the same one where none does
   */
  WrittenPitch spell(int semitone, int next) {
    int first = key.fifths() - (minor ? 2 : 3);
    int place = first + Math.floorMod(semitone * LETTERS - first, TWELVE);
    int above = place - key.fifths();
    boolean inScale = above >= -1 && above <= 5 || minor && (above == 6 || above == 8);
    if (!inScale && next == semitone - 1 && above > 5 && !isDouble(place - TWELVE)) {
      place -= TWELVE;
    } else if (!inScale && next == semitone + 1 && above < -1 && !isDouble(place + TWELVE)) {
      place += TWELVE;
    }
    return pitch(semitone, place);
  }

  private static boolean isDouble(int place) {
    return Math.abs(Math.floorDiv(place + 1, LETTERS)) > 1;
  }

  private static WrittenPitch pitch(int semitone, int place) {
    Step step = FIFTHS[Math.floorMod(place + 1, LETTERS)];
    int alter = Math.floorDiv(place + 1, LETTERS);
    int octave = Math.floorDiv(semitone - alter - step.semitonesAboveC(), TWELVE) - 1;
    return new WrittenPitch(step, alter, Math.max(0, Math.min(9, octave)));
  }
}
