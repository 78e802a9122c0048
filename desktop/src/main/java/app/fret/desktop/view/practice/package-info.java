/**
 * Practising: today's cards and the open one, the ladder, the days to come, habits, and what is
 * practised besides the passages.
 */
package app.fret.desktop.view.practice;
