package app.fret.lefthand.figure;

import app.fret.brief.Brief;

/** The single notes of a passage, and which of them follow each other without a break. */
final class Line {
  /** A longer note is heard by itself (common practice, no source). */
  private static final double LONGEST_OF_A_FIGURE_SECONDS = 0.45;

  private final Brief brief;

  Line(Brief brief) {
    this.brief = brief;
  }

  int size() {
    return brief.notes().size();
  }

  boolean isSingle(int note) {
    return brief.pitches().get(note).size() == 1;
  }

  /** Number of the pitch, a half step each. */
  int pitch(int note) {
    return brief.pitches().get(note).get(0).midi();
  }

  /** Whether a note follows the one before it without a rest, both single, short and different. */
  boolean goesOn(int note) {
    return note > 0
        && note < size()
        && isSingle(note - 1)
        && isSingle(note)
        && pitch(note) != pitch(note - 1)
        && brief.notes().get(note - 1).end().equals(brief.notes().get(note).onset())
        && brief.timeline().lengthSeconds(note - 1) <= LONGEST_OF_A_FIGURE_SECONDS;
  }
}
