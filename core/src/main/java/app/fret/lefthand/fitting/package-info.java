/**
 * Finds weights of the left hand's terms from choices that somebody made: the worked passages that
 * the shipped weights come from, or what a player keeps choosing.
 */
package app.fret.lefthand.fitting;
