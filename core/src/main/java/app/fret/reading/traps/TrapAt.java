package app.fret.reading.traps;

import app.fret.reading.NotePlaces;
import app.fret.score.NoteRef;
import java.util.Optional;

/**
 * A trap by its place, so that one that was seen stays so when the file is read again.
 *
 * @param kind what it is
 * @param at the highest head of its note
 */
public record TrapAt(Trap.Kind kind, NoteRef at) {
  /** The place of a trap. */
  public static TrapAt of(Trap trap, NotePlaces places) {
    return new TrapAt(trap.kind(), places.top(trap.note()));
  }

  /** Reads the form that {@link #toString} writes; empty for a kind that is not known. */
  public static Optional<TrapAt> parse(String text) {
    int gap = text.indexOf(' ');
    for (Trap.Kind kind : Trap.Kind.values()) {
      if (gap > 0 && kind.id().equals(text.substring(0, gap))) {
        return Optional.of(new TrapAt(kind, NoteRef.parse(text.substring(gap + 1))));
      }
    }
    return Optional.empty();
  }

  /** For example {@code clef-change 4@3/8 F#4}. */
  @Override
  public String toString() {
    return kind.id() + " " + at;
  }
}
