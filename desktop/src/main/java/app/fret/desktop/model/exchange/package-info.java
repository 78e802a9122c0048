/**
 * What comes into the book and what goes out: scores, packets, marked parts, papers and calendars.
 */
package app.fret.desktop.model.exchange;
