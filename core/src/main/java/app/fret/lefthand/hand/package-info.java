/**
 * Every way a left hand can hold a note or chord, in millimetres.
 *
 * <p>Open {@link app.fret.lefthand.hand.Placements}; what it lists are {@link
 * app.fret.lefthand.hand.Placement}s. Says what is possible, never what is good.
 */
package app.fret.lefthand.hand;
