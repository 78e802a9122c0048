/**
 * Plans the bow: which notes share a stroke, which way it goes, where on the hair and how much of
 * it, on which plane; and what of it is trouble, with what mends it.
 *
 * <p>Start at {@link app.fret.bow.BowPlanner}. Knows strings, not fingers.
 */
package app.fret.bow;
