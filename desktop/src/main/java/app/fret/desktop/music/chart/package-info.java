/** What practice came to, drawn: the ladder, the days up to the date, the forecast. */
package app.fret.desktop.music.chart;
