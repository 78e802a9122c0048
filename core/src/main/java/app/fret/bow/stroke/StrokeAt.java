package app.fret.bow.stroke;

import app.fret.score.NoteRef;

/**
 * A decision on a stroke as it is kept: it holds on to the place of a note.
 *
 * @param at the note; of a chord any of its heads
 * @param decision what is decided
 */
public record StrokeAt(NoteRef at, StrokeDecision decision) {
  /** The same decision on the note at another place. */
  public StrokeAt movedTo(NoteRef place) {
    return new StrokeAt(place, decision);
  }
}
