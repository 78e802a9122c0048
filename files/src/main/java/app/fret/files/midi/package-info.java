/**
 * Standard MIDI files, by the JDK's own sound library; no device is opened.
 *
 * <p>Open {@link app.fret.files.midi.MidiWriter}.
 */
package app.fret.files.midi;
