/**
 * Passes that a player puts into words: one line such as {@code clean 96 x3, missed bar 7 low}.
 * Open {@link app.fret.practice.log.LogLine}.
 */
package app.fret.practice.log;
