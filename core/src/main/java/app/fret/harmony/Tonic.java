package app.fret.harmony;

import app.fret.reading.PlayedNote;
import app.fret.score.Key;
import app.fret.score.Note;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.List;

/**
 * The note a key rests on.
 *
 * @param step its letter
 * @param alter its sharps or flats
 * @param minor whether the key is minor
 */
public record Tonic(Step step, int alter, boolean minor) {
  private static final Step[] MAJOR_BY_FIFTHS = {
    Step.C, Step.G, Step.D, Step.A, Step.E, Step.B, Step.F
  };
  private static final int LETTERS = 7;
  private static final int[] MAJOR = {0, 2, 4, 5, 7, 9, 11};
  private static final int[] MINOR = {0, 2, 3, 5, 7, 8, 10};
  private static final int RELATIVE_MINOR_LETTERS = 5;

  /**
   * The tonic of notes under a key signature. Minor when the raised leading note of the relative
   * minor is there more often than its plain one; where they are as many, when the lowest note of
   * the last chord is the minor tonic; where the plain one, which the minor scale has on its way
   * down, is there more often but the raised one too or the minor tonic ends it, when the notes are
   * nearer to the minor key than to the major one (profiles of Krumhansl and Kessler 1982); else
   * major.
   */
  public static Tonic of(Key key, List<PlayedNote> notes) {
    Step major = MAJOR_BY_FIFTHS[Math.floorMod(key.fifths(), LETTERS)];
    Step minor = Step.values()[(major.ordinal() + RELATIVE_MINOR_LETTERS) % LETTERS];
    Step leading = Step.values()[(minor.ordinal() + LETTERS - 1) % LETTERS];
    int raised = 0;
    int plain = 0;
    for (PlayedNote note : notes) {
      for (Note head : note.notes()) {
        WrittenPitch pitch = head.written();
        boolean isLeading = pitch.step() == leading;
        raised += isLeading && pitch.alter() == key.alterOf(leading) + 1 ? 1 : 0;
        plain += isLeading && pitch.alter() == key.alterOf(leading) ? 1 : 0;
      }
    }
    boolean endsMinor =
        !notes.isEmpty() && notes.get(notes.size() - 1).notes().get(0).written().step() == minor;
    boolean isMinor =
        raised > plain
            || raised == plain && endsMinor
            || (raised > 0 || endsMinor) && KeyProfile.isNearerToMinor(notes, major, minor, key);
    Step step = isMinor ? minor : major;
    return new Tonic(step, key.alterOf(step), isMinor);
  }

  /** Semitones of a degree of the plain scale above the tonic, 0 for the tonic itself. */
  public int semitonesOf(int degree) {
    return minor ? MINOR[degree] : MAJOR[degree];
  }

  /** Its name, such as {@code B♭}. */
  public String name() {
    return name(step, alter);
  }

  /** The name of a letter with its signs, such as {@code F♯}. */
  public static String name(Step step, int alter) {
    String sign = alter < 0 ? "♭".repeat(-alter) : "♯".repeat(alter);
    return step.name() + sign;
  }

  /** The fifth of the key, such as {@code F}. */
  public String fifth() {
    Step letter = Step.values()[(step.ordinal() + 4) % LETTERS];
    int semitones =
        letter.semitonesAboveC()
            - step.semitonesAboveC()
            + (letter.ordinal() < step.ordinal() ? 12 : 0);
    return name(letter, alter + 7 - semitones);
  }
}
