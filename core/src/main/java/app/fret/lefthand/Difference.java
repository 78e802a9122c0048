package app.fret.lefthand;

/**
 * One term in which two plans differ.
 *
 * @param term name of the term
 * @param share what the second plan costs more by this term; negative where it costs less
 * @param note number of the note at which they differ most by it
 * @param text what it is in plain words, such as {@code more crossing of strings}
 */
public record Difference(String term, double share, int note, String text) {}
