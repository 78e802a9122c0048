/**
 * The open passage: {@link app.fret.desktop.model.passage.PassageDesk} with a small desk for each
 * side of it (page, left hand, bow, shape, practice, trials, pulse), what can be asked of it by
 * keys, and its decisions on their way.
 */
package app.fret.desktop.model.passage;
