/**
 * What is on the page: a passage of music as immutable values with exact musical time.
 *
 * <p>Open {@link app.fret.score.Passage} first, then {@link app.fret.score.Event} and {@link
 * app.fret.reading.PlayedNote}. Onsets and lengths are fractions of a whole note; seconds appear
 * only through a {@link app.fret.score.Tempo}. Pitches here are <em>written</em> pitches: what
 * sounds is for {@code app.fret.instrument} to say. This package knows nothing of hands, bows or
 * files.
 */
package app.fret.score;
