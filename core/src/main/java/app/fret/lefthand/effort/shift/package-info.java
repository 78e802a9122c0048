/**
 * Terms of where the hand stands and how it gets elsewhere: shifts, crawls, openings, high and
 * landmark positions. Knows nothing of which finger is weak and which string sounds.
 */
package app.fret.lefthand.effort.shift;
