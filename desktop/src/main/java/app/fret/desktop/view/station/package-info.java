/**
 * The places of work on the open passage: {@link app.fret.desktop.view.station.Station} lists them
 * with their keys, and each has its work area and its panel of reasons here or, for practising, in
 * {@code view.practice}. Draws the desks of {@code model} and computes nothing.
 */
package app.fret.desktop.view.station;
