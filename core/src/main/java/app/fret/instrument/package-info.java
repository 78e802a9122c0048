/**
 * The instrument under the hand: strings, lengths, positions, hand shapes, and the player's hand.
 *
 * <p>Open {@link app.fret.instrument.Instrument} first; its figures come from one resource file an
 * instrument. {@link app.fret.instrument.StringGeometry} turns semitones into millimetres, {@link
 * app.fret.instrument.Hand} says what a player can span. Knows the written page only to say what it
 * sounds like; knows nothing of plans.
 */
package app.fret.instrument;
