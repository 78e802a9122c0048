/**
 * The kinds of terms: of a place, of a move, of one move after another, of a figure. Open {@link
 * app.fret.lefthand.effort.term.EffortTerm}; what every term says of itself is a {@link
 * app.fret.lefthand.effort.term.TermHeader}.
 */
package app.fret.lefthand.effort.term;
