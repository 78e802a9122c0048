/** When every note of a reading sounds, in seconds, at the tempos of a map. */
package app.fret.time;
