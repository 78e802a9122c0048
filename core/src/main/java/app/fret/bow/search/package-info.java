/**
 * Finds the strokes of least effort, exactly, and what every other way costs more. Start at {@link
 * app.fret.bow.search.BowSearch}; the strokes it may take come from {@link
 * app.fret.bow.search.Candidates}.
 */
package app.fret.bow.search;
