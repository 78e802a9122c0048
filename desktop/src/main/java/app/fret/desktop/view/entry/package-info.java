/**
 * How music comes in: files with what they leave open, lines of letters, the staff written on by
 * keys and mouse, and the mending of notes.
 */
package app.fret.desktop.view.entry;
