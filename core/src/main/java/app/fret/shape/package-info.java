/**
 * How loud each note is to be before any hand is planned: as printed, as proposed between the
 * marks, and as the player moved it. Open {@code Levels} first.
 */
package app.fret.shape;
