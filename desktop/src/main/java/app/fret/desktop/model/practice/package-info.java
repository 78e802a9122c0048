/**
 * A player's day: today's cards and how every passage will fare. Open {@link
 * app.fret.desktop.model.practice.PracticeDay}; it asks the book through {@code DayOfBook} and
 * shows a {@link app.fret.desktop.model.practice.DayView}. Knows of the open passage only its
 * study.
 */
package app.fret.desktop.model.practice;
