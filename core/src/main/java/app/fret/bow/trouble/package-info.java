/**
 * Where a planned bow gets into trouble, what would mend it, what repeats, and what the hand does
 * during a stroke. Start at {@link app.fret.bow.trouble.BowTroubles}. Reads a finished path and
 * changes nothing.
 */
package app.fret.bow.trouble;
