/**
 * How to get from a slow clean passage to the target tempo.
 *
 * <p>Open {@link app.fret.practice.Ladder} for the rungs and {@link app.fret.practice.Climb} for
 * what a clean pass or a miss does. Knows nothing of fingers, bows or dates.
 */
package app.fret.practice;
