/**
 * What helps to play a finished fingering, and what to be careful with.
 *
 * <p>Open {@link app.fret.lefthand.advice.Advice}. Reads placements and moments; chooses nothing
 * and knows nothing of effort.
 */
package app.fret.lefthand.advice;
