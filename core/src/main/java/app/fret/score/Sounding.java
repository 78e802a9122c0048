package app.fret.score;

import java.util.Comparator;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A note, a double stop or a chord, ordinary or grace.
 *
 * @param bar index of its bar in the passage
 * @param onset time from the start of the passage
 * @param length time it takes, zero for a grace note
 * @param written how it is written
 * @param grace whether and how it is a grace note
 * @param notes its note heads, lowest first, at least one
 * @param marks the signs at it
 */
public record Sounding(
    int bar,
    Fraction onset,
    Fraction length,
    WrittenLength written,
    Grace grace,
    List<Note> notes,
    Marks marks)
    implements Event {

  /** Grace notes are printed small, with or without a slash through the stem. */
  public enum Grace {
    NONE,
    PLAIN,
    SLASHED
  }

  public Sounding {
    notes = notes.stream().sorted(Comparator.comparing(Note::written)).toList();
    if (notes.isEmpty()) {
      throw new IllegalArgumentException("event at " + onset + " sounds no note");
    }
    if (length.signum() < 0 || (length.signum() == 0) != (grace != Grace.NONE)) {
      throw new IllegalArgumentException("note at " + onset + " lasts " + length);
    }
  }

  /** Whether it is a grace note. */
  public boolean isGrace() {
    return grace != Grace.NONE;
  }

  /** The same event with other note heads. */
  public Sounding withNotes(List<Note> newNotes) {
    return new Sounding(bar, onset, length, written, grace, newNotes, marks);
  }

  /** The same event with other signs. */
  public Sounding withMarks(Marks newMarks) {
    return new Sounding(bar, onset, length, written, grace, notes, newMarks);
  }
}
