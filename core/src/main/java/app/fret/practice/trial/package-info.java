/**
 * Two ways of one spot played in turn until one is clean so much more often that it is worth
 * keeping.
 *
 * <p>Open {@link app.fret.practice.trial.Trial} first.
 */
package app.fret.practice.trial;
