package app.fret.desktop.music;

/**
 * A numbered tab over a note.
 *
 * @param note number of the note
 * @param number what stands on the tab
 * @param seen whether it is ticked off
 */
public record Flag(int note, int number, boolean seen) {}
