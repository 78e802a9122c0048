/**
 * Figures that ask for fingers of their own before any is chosen: pedals and runs by half steps.
 * They are hypotheses that the search weighs, never verdicts.
 */
package app.fret.lefthand.figure;
