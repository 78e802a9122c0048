/**
 * What a reader gets from the page before anything is decided: the notes that are played, beats,
 * printed levels, techniques from words, notes that share a stroke, and material that comes back.
 *
 * <p>Open {@link app.fret.reading.Reading}. Nothing here knows an instrument, a tempo or a hand.
 */
package app.fret.reading;
