package app.fret.files.midi;

import app.fret.files.PartNames;
import app.fret.instrument.Instruments;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Bar;
import app.fret.score.Directions;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.PlayOrder;
import app.fret.score.Transposition;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Writes a passage as a standard MIDI file: notes as they sound, ties joined, at the printed tempo
 * and levels, repeats as they are played. A first track holds title, tempo, metre and key, a second
 * the notes under the name of the part. A double bass part that says nothing of it sounds an octave
 * below what is written, as is its custom.
 */
public final class MidiWriter {
  /** Divides by two, three and five. */
  private static final int TICKS_PER_QUARTER = 960;

  /** Longest music that is written, in bars as they are played. */
  private static final int MOST_BARS = 20_000;

  private static final int TEMPO = 0x51;
  private static final int TIME_SIGNATURE = 0x58;
  private static final int KEY_SIGNATURE = 0x59;
  private static final int TRACK_NAME = 0x03;
  private static final int MICROSECONDS_PER_MINUTE = 60_000_000;
  private static final int LOUDEST = 127;
  private static final int LEVELS = 10;

  private static final int OCTAVE = 12;
  private static final int MIDI_CLOCKS_PER_WHOLE = 96;

  private final Passage passage;
  private final Reading reading;
  private final Track signs;
  private final Track notes;
  private final Sequence sequence;

  private final List<Sounded> sounded = new ArrayList<>();
  private boolean isPlayedOnce;

  /** By how much the bar that is being played comes later than it is printed. */
  private Fraction shift = Fraction.ZERO;

  private MidiWriter(Passage passage) throws InvalidMidiDataException {
    this.passage = passage;
    this.reading = Reading.of(passage);
    this.sequence = new Sequence(Sequence.PPQ, TICKS_PER_QUARTER);
    this.signs = sequence.createTrack();
    this.notes = sequence.createTrack();
  }

  /**
   * Writes a passage.
   *
   * @param out where to; left open
   * @return what a MIDI file cannot hold, a phrase each
   * @throws IOException when it cannot be written
   */
  public static List<String> write(Passage passage, OutputStream out) throws IOException {
    try {
      MidiWriter writer = new MidiWriter(passage);
      writer.addAll();
      MidiSystem.write(writer.sequence, 1, out);
      return writer.left();
    } catch (InvalidMidiDataException e) {
      throw new IOException("this passage makes no MIDI file: a note lies beyond its pitches", e);
    }
  }

  private List<String> left() {
    List<String> left = new ArrayList<>();
    left.add("fingers, strings, bow signs and words");
    if (isPlayedOnce) {
      left.add("repeats, which would make more than " + MOST_BARS + " bars; each is written once");
    }
    if (passage.events().stream().anyMatch(e -> e.length().signum() == 0)) {
      left.add("grace notes");
    }
    return left;
  }

  private void addAll() throws InvalidMidiDataException {
    add(signs, 0, meta(TRACK_NAME, passage.title().getBytes(StandardCharsets.UTF_8)));
    add(notes, 0, meta(TRACK_NAME, passage.partName().getBytes(StandardCharsets.UTF_8)));
    addProgram();
    addMusic();
  }

  private void addProgram() throws InvalidMidiDataException {
    Optional<Integer> program =
        PartNames.instrumentOf(passage.partName()).map(n -> Instruments.customs(n).midiProgram());
    if (program.isPresent()) {
      add(notes, 0, new ShortMessage(ShortMessage.PROGRAM_CHANGE, 0, program.get(), 0));
    }
  }

  /** The bars in the order in which they are played, repeats and all. */
  private void addMusic() throws InvalidMidiDataException {
    Map<Integer, List<PlayedNote>> byBar =
        reading.notes().stream().collect(Collectors.groupingBy(PlayedNote::bar));
    Fraction at = Fraction.ZERO;
    int before = -1;
    for (int index : order()) {
      Bar bar = passage.bars().get(index);
      shift = at.subtract(bar.onset());
      addSignatures(index, before);
      for (PlayedNote note : byBar.getOrDefault(index, List.of())) {
        if (!note.isGrace()) {
          sound(note);
        }
      }
      at = at.add(bar.length());
      before = index;
    }
    for (Sounded each : sounded) {
      add(notes, each.on, new ShortMessage(ShortMessage.NOTE_ON, 0, each.pitch, each.velocity));
      add(notes, each.off, new ShortMessage(ShortMessage.NOTE_OFF, 0, each.pitch, 0));
    }
  }

  private List<Integer> order() {
    List<Integer> order = PlayOrder.of(passage).bars();
    isPlayedOnce = order.size() > MOST_BARS;
    return isPlayedOnce ? IntStream.range(0, passage.bars().size()).boxed().toList() : order;
  }

  private void addTempos(Bar bar) throws InvalidMidiDataException {
    for (Directions.TempoMark mark : passage.directions().tempos()) {
      boolean isHere =
          mark.onset().compareTo(bar.onset()) >= 0 && mark.onset().compareTo(bar.end()) < 0;
      if (isHere) {
        double quarters = mark.tempo().beat().length().multiply(4).doubleValue();
        int micros =
            (int) Math.round(MICROSECONDS_PER_MINUTE / (mark.tempo().perMinute() * quarters));
        byte[] data = {(byte) (micros >> 16), (byte) (micros >> 8), (byte) micros};
        add(signs, ticks(mark.onset()), meta(TEMPO, data));
      }
    }
  }

  private void addSignatures(int index, int before) throws InvalidMidiDataException {
    Bar bar = passage.bars().get(index);
    addTempos(bar);
    boolean first = before < 0;
    Metre metre = bar.metre();
    if (first || !metre.equals(passage.bars().get(before).metre())) {
      int power = Integer.numberOfTrailingZeros(metre.unit());
      int clocks = Math.max(1, MIDI_CLOCKS_PER_WHOLE / metre.unit());
      byte[] data = {(byte) metre.upper(), (byte) power, (byte) clocks, 8};
      add(signs, ticks(bar.onset()), meta(TIME_SIGNATURE, data));
    }
    if (first || !bar.key().equals(passage.bars().get(before).key())) {
      add(
          signs,
          ticks(bar.onset()),
          meta(KEY_SIGNATURE, new byte[] {(byte) bar.key().fifths(), 0}));
    }
  }

  /** A note between two ticks. */
  private record Sounded(long on, long off, int pitch, int velocity) {}

  /** A head that is tied from the note before sounds on, also where others are struck beside it. */
  private void sound(PlayedNote note) {
    int semitones = passage.transposition().map(Transposition::semitones).orElseGet(this::custom);
    int velocity = (int) Math.max(1, Math.round(LOUDEST * reading.level(note.number()) / LEVELS));
    long on = ticks(note.onset());
    for (Note head : note.notes()) {
      int pitch = head.written().semitone() + semitones;
      Optional<Sounded> tied =
          head.tiedFrom()
              ? sounded.stream().filter(s -> s.off == on && s.pitch == pitch).findFirst()
              : Optional.empty();
      tied.ifPresent(sounded::remove);
      sounded.add(
          new Sounded(
              tied.map(Sounded::on).orElse(on),
              ticks(note.end()),
              pitch,
              tied.map(Sounded::velocity).orElse(velocity)));
    }
  }

  private int custom() {
    boolean bass = PartNames.instrumentOf(passage.partName()).filter("bass"::equals).isPresent();
    return bass ? -OCTAVE : 0;
  }

  private static MetaMessage meta(int type, byte[] data) throws InvalidMidiDataException {
    return new MetaMessage(type, data, data.length);
  }

  private static void add(Track track, long ticks, MidiMessage message) {
    track.add(new MidiEvent(message, ticks));
  }

  /** The tick of a moment of the bar that is being played. */
  private long ticks(Fraction time) {
    return Math.round(time.add(shift).doubleValue() * 4 * TICKS_PER_QUARTER);
  }
}
