/** Terms of the shape of the hand: stretches, spreads, double stops, frames set and kept. */
package app.fret.lefthand.effort.frame;
