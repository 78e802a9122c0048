/**
 * Whose fingers, bow signs and loudness marks stand on a page: layers that are shown, hidden and
 * compared. Open {@link app.fret.reading.layers.LayerChoices}.
 */
package app.fret.reading.layers;
