/**
 * Scores of whatever format, told apart by what is in the file.
 *
 * <p>Open {@link app.fret.files.scores.ScoreFiles}.
 */
package app.fret.files.scores;
