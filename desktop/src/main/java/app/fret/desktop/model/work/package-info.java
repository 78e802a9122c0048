/**
 * Who does the work and how it is told: threads for planning, book and layout, notices, and figures
 * in words as they stand on screen.
 */
package app.fret.desktop.model.work;
