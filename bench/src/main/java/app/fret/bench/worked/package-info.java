/**
 * Worked passages, how far the left hand's plans agree with them, and the fitting of its weights to
 * them.
 */
package app.fret.bench.worked;
