package app.fret.score;

/**
 * A printed tuplet.
 *
 * @param span its events
 * @param ratio what it says, such as three in two
 * @param bracket whether a bracket is printed
 */
public record Tuplet(Span span, TupletRatio ratio, boolean bracket) {}
