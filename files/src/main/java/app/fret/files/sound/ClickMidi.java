package app.fret.files.sound;

import app.fret.sound.SoundPlan;
import java.io.IOException;
import java.io.OutputStream;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;

/** Writes the clicks of a plan as a standard MIDI file of one track, on the percussion channel. */
public final class ClickMidi {
  private static final int PERCUSSION = 9;
  private static final int TICKS_A_BEAT = 960;
  private static final int TICKS_A_SECOND = 2 * TICKS_A_BEAT;
  private static final int SET_TEMPO = 0x51;

  /** Half a second a beat, in microseconds, as three bytes. */
  private static final byte[] HALF_A_SECOND = {0x07, (byte) 0xA1, 0x20};

  private static final int HIGH_BLOCK = 76;
  private static final int LOW_BLOCK = 77;
  private static final int LENGTH = TICKS_A_BEAT / 16;

  private ClickMidi() {}

  /**
   * Writes the clicks; tones have no place in it.
   *
   * @param out where to; left open
   */
  public static void write(SoundPlan plan, OutputStream out) throws IOException {
    try {
      Sequence sequence = new Sequence(Sequence.PPQ, TICKS_A_BEAT);
      Track track = sequence.createTrack();
      track.add(new MidiEvent(new MetaMessage(SET_TEMPO, HALF_A_SECOND, HALF_A_SECOND.length), 0));
      for (SoundPlan.Click click : plan.clicks()) {
        long tick = Math.round(click.atSeconds() * TICKS_A_SECOND);
        int key = click.strength() == SoundPlan.Strength.BAR ? HIGH_BLOCK : LOW_BLOCK;
        int velocity = (int) Math.round(127 * click.strength().gain());
        track.add(
            new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, PERCUSSION, key, velocity), tick));
        track.add(
            new MidiEvent(
                new ShortMessage(ShortMessage.NOTE_OFF, PERCUSSION, key, 0), tick + LENGTH));
      }
      MidiSystem.write(sequence, 0, out);
    } catch (InvalidMidiDataException e) {
      throw new IllegalStateException("a click that MIDI cannot hold", e);
    }
  }
}
