/**
 * Traps of a page: what a good player marks before playing, each found by a rule with stated
 * limits.
 *
 * <p>Open {@link app.fret.reading.traps.Traps}. A new rule is a class that implements {@link
 * app.fret.reading.traps.TrapRule} and a line in the list. Rules are common practice, no source.
 */
package app.fret.reading.traps;
