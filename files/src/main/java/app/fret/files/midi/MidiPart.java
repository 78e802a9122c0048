package app.fret.files.midi;

import java.util.List;

/**
 * The notes of one part as they were played.
 *
 * @param name what the track calls itself, or its instrument
 * @param notes its notes in order of their onsets
 */
record MidiPart(String name, List<Note> notes) {
  MidiPart {
    notes = List.copyOf(notes);
  }

  /**
   * A note.
   *
   * @param on tick of its start
   * @param off tick of its end
   * @param pitch sounding pitch, 60 for C4
   */
  record Note(long on, long off, int pitch) {}
}
