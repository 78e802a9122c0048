package app.fret.lefthand.moment;

/**
 * A side of a moment that a term can look at. A term says which it looks at, and is shown no other:
 * so moments that are alike in them can share what was weighed.
 */
public enum Facet {
  /** How long the note sounds. */
  LENGTH,
  /** How long the note before sounded. */
  PREVIOUS,
  /** The rest between the note before and this one. */
  SILENCE,
  /** The level exactly. */
  LEVEL,
  /** Whether it is to be played piano or less. */
  SOFT,
  /** Whether it is to be played forte or more. */
  LOUD,
  /** Its pitches as spelled. */
  PITCHES,
  /** The fingers and strings printed at it. */
  PRINTED,
  /** The string that a word or a pedal figure asks for. */
  OWN_STRING,
  /** Where it lies in the chord that it is broken from. */
  CHORD,
  /** Where the thumb is assumed to rest. */
  THUMB
}
