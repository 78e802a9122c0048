/**
 * Sound as files: samples as WAV, clicks as MIDI.
 *
 * <p>Open {@link app.fret.files.sound.WavWriter} first.
 */
package app.fret.files.sound;
