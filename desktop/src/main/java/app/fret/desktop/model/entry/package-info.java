/**
 * Music while it is written in: lines of letters as they are understood, and a pen over the staff.
 */
package app.fret.desktop.model.entry;
