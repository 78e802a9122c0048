package app.fret.shape;

import app.fret.score.Span;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A phrase and where it leads.
 *
 * @param firstNote number of its first note
 * @param lastNote number of its last note
 * @param possiblePeaks numbers of the notes that may be its peak, the one that is proposed first:
 *     the highest or longest under the strongest mark; never none
 * @param movedPeak where the player moved the peak; empty where it was left
 * @param isLevel whether the player wants no peak at all
 * @param character word of character, if any
 */
public record Phrase(
    int firstNote,
    int lastNote,
    List<Integer> possiblePeaks,
    OptionalInt movedPeak,
    boolean isLevel,
    Optional<Character> character) {
  public Phrase {
    possiblePeaks = List.copyOf(possiblePeaks);
  }

  /** Number of the note that is proposed as its peak. */
  public int proposedPeak() {
    return possiblePeaks.get(0);
  }

  /** Number of the note it leads to. */
  public int peak() {
    return movedPeak.orElse(proposedPeak());
  }

  /** Its notes. */
  public Span span() {
    return new Span(firstNote, lastNote);
  }

  /** Whether a note is in it. */
  public boolean holds(int note) {
    return note >= firstNote && note <= lastNote;
  }
}
