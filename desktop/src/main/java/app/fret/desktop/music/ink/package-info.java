/** Colours by role and the fonts that ship with Fret, for all that is painted by hand. */
package app.fret.desktop.music.ink;
