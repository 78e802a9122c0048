package app.fret.files.midi;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.abc.AbcReader;
import app.fret.reading.PlayedNote;
import app.fret.score.Passage;
import app.fret.score.Transposition;
import app.fret.testing.RandomPassages;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Read back by the JDK's own reader of standard MIDI files. */
class MidiWriterTest {
  private static final int QUARTER = 960;

  private static Passage passage(String music) {
    return AbcReader.read(music).passage().orElseThrow();
  }

  private static Sequence back(Passage passage) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    MidiWriter.write(passage, out);
    return MidiSystem.getSequence(new ByteArrayInputStream(out.toByteArray()));
  }

  /** {@code tick pitch on|off} of every note message, in order. */
  private static List<String> notes(Sequence sequence) {
    List<String> told = new ArrayList<>();
    for (int i = 0; i < sequence.getTracks()[1].size(); i++) {
      MidiEvent event = sequence.getTracks()[1].get(i);
      if (event.getMessage() instanceof ShortMessage message
          && message.getCommand() != ShortMessage.PROGRAM_CHANGE) {
        boolean on = message.getCommand() == ShortMessage.NOTE_ON && message.getData2() > 0;
        told.add(event.getTick() + " " + message.getData1() + (on ? " on" : " off"));
      }
    }
    return told;
  }

  private static List<byte[]> metas(Sequence sequence, int type) {
    List<byte[]> data = new ArrayList<>();
    for (int i = 0; i < sequence.getTracks()[0].size(); i++) {
      if (sequence.getTracks()[0].get(i).getMessage() instanceof MetaMessage meta
          && meta.getType() == type) {
        data.add(meta.getData());
      }
    }
    return data;
  }

  @Test
  void notesStandAtTheirTicksAndTiesAreJoined() throws Exception {
    Sequence sequence = back(passage("X:1\nM:4/4\nL:1/4\nQ:1/4=120\nK:D\nD2 F-|F2 z2|"));
    assertThat(sequence.getResolution()).isEqualTo(QUARTER);
    assertThat(notes(sequence))
        .containsExactly(
            "0 62 on", 2 * QUARTER + " 62 off", 2 * QUARTER + " 66 on", 5 * QUARTER + " 66 off");
    assertThat(metas(sequence, 0x51)).containsExactly(new byte[] {0x07, (byte) 0xA1, 0x20});
    assertThat(metas(sequence, 0x58)).containsExactly(new byte[] {4, 2, 24, 8});
    assertThat(metas(sequence, 0x59)).containsExactly(new byte[] {2, 0});
  }

  @Test
  void aPartThatSoundsElsewhereIsWrittenAsItSounds() throws Exception {
    Passage written = passage("X:1\nM:4/4\nL:1/1\nK:C\nC|");
    Passage bass =
        new Passage(
            written.title(),
            written.partName(),
            written.bars(),
            written.events(),
            written.slurs(),
            written.tuplets(),
            written.directions(),
            java.util.Optional.of(new Transposition(-12)));
    assertThat(notes(back(bass))).first().isEqualTo("0 48 on");
  }

  @Test
  void loudNotesAreStruckHarder() throws Exception {
    Sequence sequence = back(passage("X:1\nM:4/4\nL:1/2\nK:C\n!p!C !ff!D|"));
    List<Integer> velocities = new ArrayList<>();
    for (int i = 0; i < sequence.getTracks()[1].size(); i++) {
      if (sequence.getTracks()[1].get(i).getMessage() instanceof ShortMessage message
          && message.getCommand() == ShortMessage.NOTE_ON) {
        velocities.add(message.getData2());
      }
    }
    assertThat(velocities).hasSize(2);
    assertThat(velocities.get(1)).isGreaterThan(velocities.get(0));
  }

  static LongStream seeds() {
    return LongStream.range(0, 40);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void everyNoteThatBeginsEnds(long seed) throws Exception {
    Passage passage = RandomPassages.full(seed);
    List<String> told = notes(back(passage));
    boolean sounds = PlayedNote.of(passage).stream().anyMatch(n -> !n.isGrace());
    long begun = told.stream().filter(t -> t.endsWith("on")).count();
    assertThat(begun > 0).isEqualTo(sounds);
    assertThat(told.stream().filter(t -> t.endsWith("off"))).hasSize((int) begun);
  }
}
