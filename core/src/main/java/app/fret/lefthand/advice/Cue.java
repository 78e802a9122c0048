package app.fret.lefthand.advice;

/**
 * One short word to the body before a note.
 *
 * @param note number of the note it is for
 * @param text what to do, with the beat it falls on
 */
public record Cue(int note, String text) {}
