package app.fret.reading;

import app.fret.score.Key;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;

/**
 * The upper note of a trill: the next letter, as the last accidental before it in its bar alters
 * it, else the next one behind it in the bar, else the key (common practice: what the ear expects
 * there; no source).
 */
public final class TrillNotes {
  private static final int LETTERS = 7;

  private TrillNotes() {}

  /** The upper note of a trill on the highest head of a note. */
  public static WrittenPitch upper(Reading reading, int note) {
    PlayedNote trilled = reading.notes().get(note);
    WrittenPitch lower = trilled.notes().get(trilled.notes().size() - 1).written();
    int staff = lower.staffStep() + 1;
    Step letter = Step.values()[Math.floorMod(staff, LETTERS)];
    int alter = alter(reading, trilled, staff, letter);
    return new WrittenPitch(letter, alter, Math.floorDiv(staff, LETTERS));
  }

  /** Half steps from a trilled note to its upper note: 1 or 2, seldom 3. */
  public static int halfSteps(Reading reading, int note) {
    PlayedNote trilled = reading.notes().get(note);
    WrittenPitch lower = trilled.notes().get(trilled.notes().size() - 1).written();
    return upper(reading, note).semitone() - lower.semitone();
  }

  private static int alter(Reading reading, PlayedNote trilled, int staff, Step letter) {
    Passage passage = reading.passage();
    Key key = passage.bars().get(trilled.bar()).key();
    Integer before = null;
    Integer behind = null;
    for (PlayedNote other : reading.notes()) {
      if (other.bar() == trilled.bar() && other.number() != trilled.number()) {
        for (Note head : other.notes()) {
          if (head.written().staffStep() == staff) {
            boolean isBefore = other.number() < trilled.number();
            before = isBefore ? Integer.valueOf(head.written().alter()) : before;
            behind = !isBefore && behind == null ? Integer.valueOf(head.written().alter()) : behind;
          }
        }
      }
    }
    return before != null ? before : behind != null ? behind : key.alterOf(letter);
  }
}
