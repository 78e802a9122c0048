/**
 * Which notes vibrate, how wide and how fast, and where the fingers taken stand against it. Open
 * {@code VibratoPlanner} first.
 */
package app.fret.vibrato;
