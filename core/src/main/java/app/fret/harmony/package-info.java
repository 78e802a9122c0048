/** Keys and chords of the music itself, before anybody plays it. Depends on score and reading. */
package app.fret.harmony;
