package app.fret.files.midi;

import app.fret.files.PlainWords;
import app.fret.files.ReadPassage;
import app.fret.files.Score;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.instrument.StatedTuning;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;

/** A standard MIDI file: each track and channel with notes is a part to choose. */
public final class MidiScore implements Score {
  /** Place of the type in the header of a file. */
  private static final int TYPE_AT = 8;

  private final byte[] bytes;
  private final MidiSettings settings;
  private final ScorePlace place;
  private final int ticksPerQuarter;
  private final MidiSigns signs;
  private final MidiTracks tracks;

  /**
   * Opens a file.
   *
   * @throws ScoreRejectedException when it is no MIDI file, or counts no beats
   */
  public MidiScore(ScorePlace place, byte[] bytes) throws ScoreRejectedException {
    this(place, bytes, MidiSettings.USUAL);
  }

  private MidiScore(ScorePlace place, byte[] bytes, MidiSettings settings)
      throws ScoreRejectedException {
    this.place = place;
    this.bytes = bytes.clone();
    this.settings = settings;
    refuseIndependentPatterns(bytes);
    Sequence sequence = sequence(place, bytes);
    if (sequence.getDivisionType() != Sequence.PPQ || sequence.getResolution() < 1) {
      throw new ScoreRejectedException(
          place, "it counts film frames, not beats; write it out with beats");
    }
    this.ticksPerQuarter = sequence.getResolution();
    this.signs = new MidiSigns(sequence);
    this.tracks = new MidiTracks(sequence);
    if (tracks.parts().isEmpty()) {
      throw new ScoreRejectedException(place, "it holds no note of a pitched instrument");
    }
  }

  /** The same file written down otherwise. */
  public MidiScore with(MidiSettings other) throws ScoreRejectedException {
    return new MidiScore(place, bytes, other);
  }

  /** Of a file of type 2 nothing says what follows what (Standard MIDI File 1.0, header chunk). */
  private void refuseIndependentPatterns(byte[] file) throws ScoreRejectedException {
    boolean isTypeTwo = file.length > TYPE_AT + 1 && file[TYPE_AT] == 0 && file[TYPE_AT + 1] == 2;
    if (isTypeTwo) {
      throw new ScoreRejectedException(
          place,
          "it is a MIDI file of type 2, whose tracks are patterns of their own; write it out as"
              + " type 0 or 1");
    }
  }

  private static Sequence sequence(ScorePlace place, byte[] bytes) throws ScoreRejectedException {
    try {
      return MidiSystem.getSequence(new ByteArrayInputStream(bytes));
    } catch (InvalidMidiDataException | IOException | RuntimeException | OutOfMemoryError e) {
      // The JDK's reader answers damage with whatever it runs into.
      throw new ScoreRejectedException(
          place, "it is a damaged MIDI file; write it out again where it comes from");
    }
  }

  @Override
  public ScorePlace place() {
    return place;
  }

  @Override
  public List<String> partNames() {
    return tracks.parts().stream().map(MidiPart::name).toList();
  }

  @Override
  public String title() {
    return tracks.title().orElse(place.file().replaceFirst("\\.[A-Za-z]+$", ""));
  }

  @Override
  public ReadPassage read(int part) throws ScoreRejectedException {
    MidiPart notes = tracks.parts().get(part);
    MidiPassage writing = new MidiPassage(notes, signs, ticksPerQuarter, settings);
    try {
      var passage = writing.passage(PlainWords.clean(title()));
      List<String> left = new ArrayList<>(writing.left());
      left.addAll(tracks.left());
      return new ReadPassage(passage, Optional.empty(), StatedTuning.NONE, left, Optional.empty());
    } catch (MidiPassage.TooLongException e) {
      throw new ScoreRejectedException(
          place.inPart(notes.name()),
          "it is longer than " + MidiPassage.MOST_BARS + " bars; keep the bars you need");
    } catch (ArithmeticException e) {
      // Metres and ticks of a damaged file can make times that no fraction holds.
      throw new ScoreRejectedException(
          place.inPart(notes.name()), "its times make no bars; write it out again");
    }
  }
}
