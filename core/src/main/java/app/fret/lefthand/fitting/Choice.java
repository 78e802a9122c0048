package app.fret.lefthand.fitting;

import app.fret.lefthand.hand.Placement;

/** How somebody takes a note. */
public interface Choice {
  /** Number of the note. */
  int note();

  /** Whether a placement takes the note so. */
  boolean isMetBy(Placement at);
}
