package app.fret.files.midi;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.files.ReadPassage;
import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.abc.AbcReader;
import app.fret.files.abc.AbcWriter;
import app.fret.files.scores.ScoreFiles;
import app.fret.reading.PlayedNote;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Transposition;
import app.fret.score.WrittenPitch;
import app.fret.testing.RandomPassages;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class MidiReaderTest {
  private static final int QUARTER = 480;

  private static byte[] written(Passage passage) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    MidiWriter.write(passage, out);
    return out.toByteArray();
  }

  private static Score open(byte[] bytes) throws ScoreRejectedException {
    return new ScoreFiles().open("played.mid", bytes);
  }

  private static Passage abc(String music) {
    return AbcReader.read(music).passage().orElseThrow();
  }

  /** {@code onset end pitches} of every note that takes time. */
  private static List<String> sounds(Passage passage) {
    int shift = passage.transposition().map(Transposition::semitones).orElse(0);
    return PlayedNote.of(passage).stream()
        .filter(n -> !n.isGrace())
        .map(
            n ->
                n.onset()
                    + " to "
                    + n.end()
                    + " "
                    + n.notes().stream()
                        .map(h -> h.written().semitone() + shift)
                        .distinct()
                        .sorted()
                        .toList())
        .toList();
  }

  static LongStream seeds() {
    return LongStream.range(0, 60);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsWrittenReadsBackAsItSounds(long seed) throws Exception {
    Passage passage = RandomPassages.full(seed);
    Passage back = open(written(passage)).read(0).passage();
    assertThat(sounds(back)).isEqualTo(sounds(passage));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "M:4/4|L:1/8|K:D;d2 e>f g2 (3fed | c4 A4- | A2 B2 c2 z2",
        "M:6/8|L:1/8|K:Bb;d3 c2 B | A2 G F3 | GAB c2 d",
        "M:3/4|L:1/8|K:Am;A B c2 ^G2 | A3 B c d | e6",
        "M:2/4|L:1/16|K:E;e2ee ffgg | (5:4abagf e4"
      })
  void plainRhythmsComeBackAsTheyWereWritten(String head, String music) throws Exception {
    Passage passage = abc(head.replace("|", "\n") + "\n" + music + " |\n");
    Passage back = open(written(passage)).read(0).passage();
    String expected = AbcWriter.write(passage.withTitle("T")).text();
    assertThat(AbcWriter.write(back.withTitle("T")).text()).isEqualTo(expected);
  }

  /** Spelling against the scales of a general music-theory library: tonal 6.0.1 (npm, MIT). */
  @ParameterizedTest
  @CsvFileSource(resources = "scales.csv", delimiter = ';')
  void scalesAreSpelledAsATheoryLibraryDoes(int fifths, String mode, String names) {
    KeySpelling spelling = new KeySpelling(new Key(fifths), mode.endsWith("minor"));
    List<String> spelled = new ArrayList<>();
    String[] expected = names.split(" ");
    for (int i = 0; i < expected.length; i++) {
      int here = WrittenPitch.parse(expected[i] + "4").semitone();
      String following = expected[(i + 1) % expected.length];
      int next = WrittenPitch.parse(following + "4").semitone();
      spelled.add(spelling.spell(here, next).toString().replaceAll("\\d", ""));
    }
    assertThat(spelled).containsExactly(expected);
  }

  /** The key is found from the tones of its scale and chord: common practice, no source. */
  @ParameterizedTest
  @CsvSource({
    "C E G c B A G F E D C, 0",
    "D F A d ^c A =B ^c d A F D, -1",
    "E B e ^d B ^G ^F E, 4"
  })
  void aKeyThatIsNotStatedIsFoundAndSaid(String music, int fifths) throws Exception {
    Sequence sequence = new Sequence(Sequence.PPQ, QUARTER);
    Track track = sequence.createTrack();
    int at = 0;
    for (PlayedNote note : PlayedNote.of(abc("M:4/4\nL:1/4\nK:C\n" + music + " |"))) {
      add(track, at, at += QUARTER, note.notes().get(0).written().semitone());
    }
    ReadPassage read = open(bytes(sequence)).read(0);
    assertThat(read.passage().bars().get(0).key().fifths()).isEqualTo(fifths);
    assertThat(read.left()).anyMatch(l -> l.startsWith("no key is stated; "));
  }

  private static void add(Track track, long on, long off, int pitch) throws Exception {
    track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 0, pitch, 70), on));
    track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, 0, pitch, 0), off));
  }

  private static byte[] bytes(Sequence sequence) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    MidiSystem.write(sequence, 1, out);
    return out.toByteArray();
  }

  @ParameterizedTest
  @MethodSource("seedsOfPlaying")
  void unevenPlayingIsPutOnTheGridWithItsTriplets(long seed) throws Exception {
    Passage passage =
        abc("M:4/4\nL:1/8\nK:D\nd2 e/f/g/a/ (3fed c2 | d2 A2 (3Bcd e/d/c/B/ | A4 d4 |\n");
    Random random = new Random(seed);
    Sequence sequence = new Sequence(Sequence.PPQ, QUARTER);
    Track track = sequence.createTrack();
    for (PlayedNote note : PlayedNote.of(passage)) {
      long on = Math.round(note.onset().doubleValue() * 4 * QUARTER);
      long off = Math.round(note.end().doubleValue() * 4 * QUARTER);
      long late = Math.round(random.nextGaussian() * 7); // some 9 ms at 100 quarters a minute
      add(track, Math.max(0, on + late), off - 10 + late, note.notes().get(0).written().semitone());
    }
    ReadPassage read = open(bytes(sequence)).read(0);
    assertThat(sounds(read.passage())).isEqualTo(sounds(passage));
    assertThat(read.left()).anyMatch(l -> l.contains("onsets beside the beat"));
  }

  static LongStream seedsOfPlaying() {
    return LongStream.range(0, 20);
  }

  @Test
  void partsAreSplitByTrackAndNamedAfterThemOrTheirInstrument() throws Exception {
    Sequence sequence = new Sequence(Sequence.PPQ, QUARTER);
    Track head = sequence.createTrack();
    head.add(new MidiEvent(name("Grey Ferry"), 0));
    Track first = sequence.createTrack();
    first.add(new MidiEvent(name("Bratsche"), 0));
    add(first, 0, QUARTER, 60);
    Track second = sequence.createTrack();
    second.add(new MidiEvent(new ShortMessage(ShortMessage.PROGRAM_CHANGE, 0, 42, 0), 0));
    add(second, 0, QUARTER, 40);
    Score score = open(bytes(sequence));
    assertThat(score.title()).isEqualTo("Grey Ferry");
    assertThat(score.partNames()).containsExactly("Bratsche", "Cello");
    assertThat(score.likelyPart("cello")).isEqualTo(1);
    assertThat(score.read(0).passage().bars().get(0).clefs().get(0).clef())
        .isEqualTo(app.fret.score.Clef.ALTO);
  }

  private static MetaMessage name(String name) throws Exception {
    return new MetaMessage(3, name.getBytes("UTF-8"), name.length());
  }

  @Test
  void aBassPartIsWrittenAnOctaveAboveItsSoundAndComesBackSo() throws Exception {
    PassageBuilder builder = new PassageBuilder().part("Contrabasso");
    Passage passage =
        builder
            .metre(Metre.of(2, 4))
            .bar()
            .note(
                app.fret.score.WrittenLength.of(app.fret.score.NoteValue.HALF),
                WrittenPitch.parse("D3"))
            .build();
    Sequence sequence = MidiSystem.getSequence(new java.io.ByteArrayInputStream(written(passage)));
    ShortMessage on = (ShortMessage) sequence.getTracks()[1].get(1).getMessage();
    assertThat(on.getData1()).isEqualTo(38);
    Passage back = open(written(passage)).read(0).passage();
    assertThat(PlayedNote.of(back).get(0).notes().get(0).written())
        .isEqualTo(WrittenPitch.parse("D3"));
    assertThat(back.transposition()).contains(new Transposition(-12));
  }

  @Test
  void longNotesOverTheNextAreCutAndThatIsSaid() throws Exception {
    Sequence sequence = new Sequence(Sequence.PPQ, QUARTER);
    Track track = sequence.createTrack();
    add(track, 0, 4 * QUARTER, 60);
    add(track, QUARTER, 2 * QUARTER, 64);
    ReadPassage read = open(bytes(sequence)).read(0);
    assertThat(sounds(read.passage())).containsExactly("0 to 1 / 4 [60]", "1 / 4 to 1 / 2 [64]");
    assertThat(read.left()).anyMatch(l -> l.startsWith("the ends of 1 notes"));
  }

  @Test
  void damagedFilesGetOnePlainSentence() throws Exception {
    byte[] whole = written(RandomPassages.full(3));
    Random random = new Random(5);
    int refused = 0;
    for (int i = 0; i < 400; i++) {
      byte[] damaged =
          Arrays.copyOf(whole, i % 3 == 0 ? random.nextInt(whole.length) : whole.length);
      for (int hit = 0; hit < 4 && damaged.length > 14; hit++) {
        damaged[4 + random.nextInt(damaged.length - 4)] = (byte) random.nextInt();
      }
      try {
        Score score = open(damaged);
        for (int part = 0; part < score.partNames().size(); part++) {
          score.read(part);
        }
      } catch (ScoreRejectedException e) {
        refused++;
        assertThat(e.getMessage()).startsWith("played.mid").doesNotContain("Exception", "\n");
      }
    }
    assertThat(refused).isPositive();
  }

  @Test
  void filesThatCountNoBeatsOrHoldNothingOrGoOnForEverAreRefused() throws Exception {
    Sequence frames = new Sequence(Sequence.SMPTE_25, 40);
    add(frames.createTrack(), 0, 40, 60);
    assertThatThrownBy(() -> open(bytes(frames))).hasMessageContaining("film frames");
    Sequence silent = new Sequence(Sequence.PPQ, QUARTER);
    silent.createTrack();
    assertThatThrownBy(() -> open(bytes(silent))).hasMessageContaining("no note");
    Sequence endless = new Sequence(Sequence.PPQ, 1);
    Track track = endless.createTrack();
    add(track, 0, 1, 60);
    add(track, 200_000_000, 200_000_001, 60);
    Score score = open(bytes(endless));
    assertThatThrownBy(() -> score.read(0)).hasMessageContaining("longer than");
  }
}
