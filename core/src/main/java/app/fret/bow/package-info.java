/**
 * Plans bow strokes from what is printed: which notes share a stroke and which way it goes.
 *
 * <p>Start at {@link app.fret.bow.BowPlanner}. Knows nothing of fingers.
 */
package app.fret.bow;
