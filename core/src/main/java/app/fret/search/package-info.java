/**
 * Exact search for the way of least effort through layers of choices, for the best that differ from
 * it, and for what every other choice would cost. It knows integers and doubles only, and nothing
 * of music: whoever searches numbers the choices and weighs the moves between them.
 */
package app.fret.search;
