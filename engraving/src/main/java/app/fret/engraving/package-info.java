/**
 * Lays a passage out as positioned music signs, lines and curves, for screen and paper alike.
 *
 * <p>Start at {@link app.fret.engraving.Engraver}: passage and width in, {@link
 * app.fret.engraving.Engraving} out, a list of systems of {@link app.fret.engraving.Mark}s. All
 * lengths are in staff spaces; x grows to the right, y downwards from the top staff line. Signs are
 * SMuFL code points of the Bravura font, whose metadata gives boxes, anchors and line widths. Knows
 * no screen, no paper and no colour: marks carry roles.
 */
package app.fret.engraving;
