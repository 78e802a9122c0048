/**
 * What makes a fingering easy or hard: one small class an effort term, summed by {@link
 * app.fret.lefthand.effort.EffortModel} with the weights of a {@link
 * app.fret.lefthand.effort.Profile}.
 *
 * <p>A new term is a class that implements {@link app.fret.lefthand.effort.term.PlaceTerm} or
 * {@link app.fret.lefthand.effort.term.MoveTerm} and a line in {@code EffortTerms}. The terms read
 * a {@link app.fret.lefthand.moment.Moment}, never the score, and know nothing of the search.
 */
package app.fret.lefthand.effort;
