/**
 * What there is to draw: a passage as the bow sees it ({@link app.fret.bow.stroke.BowLine}), what a
 * stroke asks of the bow ({@link app.fret.bow.stroke.Draft}, {@link
 * app.fret.bow.stroke.StrokeProfile}), of which kind it is, how much bow a level needs, and what
 * the player has decided of it. A planned stroke is a {@link app.fret.bow.stroke.Stroke}.
 *
 * <p>Weighs nothing and chooses nothing.
 */
package app.fret.bow.stroke;
