/**
 * Chooses string, finger and hand position for every note, exactly, and says why.
 *
 * <p>Open {@link app.fret.lefthand.LeftHandPlanner} first: it takes the ways a hand can hold each
 * note from {@code lefthand.hand}, weighs them with {@code lefthand.effort}, and finds the path of
 * least effort with a forward and a backward pass ({@code Lattice}). The result is a {@link
 * app.fret.lefthand.LeftHandPlan}. Knows nothing of bows, practice, files or screens.
 */
package app.fret.lefthand;
