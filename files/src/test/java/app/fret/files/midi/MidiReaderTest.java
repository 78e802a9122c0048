package app.fret.files.midi;

import static app.fret.files.midi.MidiFiles.open;
import static app.fret.files.midi.MidiFiles.sounds;
import static app.fret.files.midi.MidiFiles.written;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.files.ReadPassage;
import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.abc.AbcReader;
import app.fret.files.abc.AbcWriter;
import app.fret.reading.PlayedNote;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.Transposition;
import app.fret.score.WrittenPitch;
import app.fret.testing.RandomPassages;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
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

/** Played notes are written down as a musician would. */
class MidiReaderTest {
  private static final int QUARTER = 480;

  private static Passage abc(String music) {
    return AbcReader.read(music).passage().orElseThrow();
  }

  /** Notes of a line of ABC played with some timing, each held for a share of its length. */
  private static byte[] played(
      String abc, double share, double swing, double spreadSeconds, int perMinute)
      throws Exception {
    Random random = new Random(11);
    Sequence sequence = new Sequence(Sequence.PPQ, QUARTER);
    Track track = sequence.createTrack();
    int micros = 60_000_000 / perMinute;
    byte[] tempo = {(byte) (micros >> 16), (byte) (micros >> 8), (byte) micros};
    track.add(new MidiEvent(new MetaMessage(0x51, tempo, 3), 0));
    double ticksPerSecond = QUARTER * perMinute / 60.0;
    for (PlayedNote note : PlayedNote.of(abc(abc))) {
      double on = swung(4 * note.onset().doubleValue(), swing) * QUARTER;
      double end = swung(4 * note.end().doubleValue(), swing) * QUARTER;
      double late = random.nextGaussian() * spreadSeconds * ticksPerSecond;
      long from = Math.max(0, Math.round(on + late));
      add(
          track,
          from,
          Math.round(from + share * (end - on)),
          note.notes().get(0).written().semitone());
    }
    return bytes(sequence);
  }

  private static double swung(double quarters, double share) {
    double beat = Math.floor(quarters);
    double in = quarters - beat;
    return beat + (in <= 0.5 ? 2 * in * share : share + (in - 0.5) * 2 * (1 - share));
  }

  private static final String SCALE = "M:4/4\nL:1/8\nK:C\n";

  /** How long keys are held is articulation, whatever share of the note that is. */
  @ParameterizedTest
  @CsvSource({"0.95", "0.9", "0.85", "0.8", "0.7"})
  void gatesDoNotChangeNoteValues(double share) throws Exception {
    for (String music :
        List.of(
            "C2 D2 E2 F2 | G2 A2 B2 c2 |",
            "CDEF GABc | dedc BAGF |",
            "(3CDE (3FGA (3Bcd (3edc | C2 D2 E4 |",
            "C3 D E2 F>G | A/B/c/d/ e2 d4 |")) {
      String told = told(SCALE + music);
      ReadPassage read = open(played(SCALE + music, share, 0.5, 0, 100)).read(0);
      assertThat(onsets(read.passage())).as(music).isEqualTo(told);
      assertThat(lengths(read.passage()))
          .as(music + " held " + share)
          .isEqualTo(lengths(abc(SCALE + music)));
    }
  }

  @ParameterizedTest
  @CsvSource({"0.58", "0.62", "0.667", "0.70"})
  void swungEighthsAreWrittenEvenAndThatIsSaid(double swing) throws Exception {
    String music = SCALE + "CDEF GABc | dedc BAGF | C2 DE FG A2 |";
    ReadPassage read = open(played(music, 0.9, swing, 0, 120)).read(0);
    assertThat(onsets(read.passage())).isEqualTo(told(music));
    assertThat(read.skipped()).anyMatch(l -> l.startsWith("swung eighths, the first at"));
    Score asPlayed =
        ((MidiScore) open(played(music, 0.9, 2 / 3.0, 0, 120)))
            .with(MidiSettings.USUAL.withSwing(false));
    assertThat(asPlayed.read(0).passage().tuplets()).as("as played it is in triplets").isNotEmpty();
  }

  /**
   * What a good player plays with a spread of some hundredths of a second is simple on the page.
   */
  @ParameterizedTest
  @CsvSource({"0.010, 120", "0.015, 100", "0.020, 90", "0.020, 60"})
  void humanTimingMakesNeitherFivesNorSixtyFourths(double spread, int perMinute) throws Exception {
    String music =
        SCALE
            + "CDEF GABc | d2 e2 f2 e2 | dcBA GFED | C4 E4 |".repeat(4)
            + "(3CDE (3FGA B2 c2 | C3 D E3 F | C8 |";
    ReadPassage read = open(played(music, 0.85, 0.5, spread, perMinute)).read(0);
    List<String> wanted = List.of(told(music).split(" "));
    List<String> found = List.of(onsets(read.passage()).split(" "));
    long right = wanted.stream().filter(found::contains).count();
    assertThat((double) right / wanted.size()).isGreaterThanOrEqualTo(0.97);
    assertThat(read.passage().tuplets()).allMatch(t -> t.ratio().actual() == 3);
  }

  @Test
  void fastRepeatsOfOnePitchStayApart() throws Exception {
    String music = SCALE + "C/4C/4C/4C/4 D E2 F4 |";
    ReadPassage read = open(played(music, 0.9, 0.5, 0, 120)).read(0);
    assertThat(onsets(read.passage())).isEqualTo(told(music));
    ReadPassage human = open(played(music, 0.9, 0.5, 0.004, 120)).read(0);
    assertThat(PlayedNote.of(human.passage())).hasSize(7);
  }

  @Test
  void aShortNoteBeforeALongOneIsAGraceNote() throws Exception {
    Sequence sequence = new Sequence(Sequence.PPQ, QUARTER);
    Track track = sequence.createTrack();
    for (int i = 0; i < 4; i++) {
      add(track, i * QUARTER, i * QUARTER + 30, 61 + i);
      add(track, i * QUARTER + 30, (i + 1) * QUARTER - 40, 60 + i);
    }
    ReadPassage read = open(bytes(sequence)).read(0);
    assertThat(read.passage().events()).hasSize(8);
    assertThat(read.passage().events())
        .filteredOn(e -> e instanceof Sounding s && s.isGrace())
        .hasSize(4);
    assertThat(read.skipped()).contains("4 short notes, written as grace notes");
  }

  @Test
  void notesThatNoStringSoundsAreLeftOutAndListed() throws Exception {
    Sequence sequence = new Sequence(Sequence.PPQ, QUARTER);
    Track track = sequence.createTrack();
    add(track, 0, QUARTER, 0);
    add(track, 0, QUARTER, 12);
    add(track, 0, QUARTER, 119);
    add(track, 0, QUARTER, 120);
    ReadPassage read = open(bytes(sequence)).read(0);
    assertThat(((Sounding) read.passage().events().get(0)).notes())
        .extracting(n -> n.written().toString())
        .containsExactly("C0", "B8");
    assertThat(read.skipped()).contains("2 notes below C0 or above B8");
  }

  @Test
  void aGridAndGapsAreAsTheyAreSet() throws Exception {
    String music = SCALE + "CDEF GABc | C2 D2 E4 |";
    MidiScore score = (MidiScore) open(played(music, 0.5, 0.5, 0.01, 100));
    assertThat(onsets(score.with(MidiSettings.USUAL.withGrid("1/8")).read(0).passage()))
        .isEqualTo(told(music));
    Passage withRests = score.with(MidiSettings.USUAL.withLegato(false)).read(0).passage();
    assertThat(withRests.events()).anyMatch(e -> e instanceof Rest);
    assertThatThrownBy(() -> MidiSettings.USUAL.withGrid("1/5"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("no grid '1/5'; use auto, or 1/4, 1/8, 1/16, 1/32 and with t for triplets");
  }

  @Test
  void repeatsArePlayedAndTheInstrumentIsNamed() throws Exception {
    Passage passage = abc("X:1\nM:4/4\nL:1/4\nK:C\n|: C D E F :| G4 |");
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    MidiWriter.write(
        new Passage(
            "T",
            "Viola",
            passage.bars(),
            passage.events(),
            passage.slurs(),
            passage.tuplets(),
            passage.directions(),
            passage.transposition()),
        out);
    Score score = open(out.toByteArray());
    assertThat(score.partNames()).containsExactly("Viola");
    assertThat(sounds(score.read(0).passage())).hasSize(9);
    assertThat(programs(out.toByteArray())).containsExactly(41);
  }

  private static List<Integer> programs(byte[] midi) throws Exception {
    List<Integer> programs = new ArrayList<>();
    for (Track track : MidiSystem.getSequence(new ByteArrayInputStream(midi)).getTracks()) {
      for (int i = 0; i < track.size(); i++) {
        if (track.get(i).getMessage() instanceof ShortMessage message
            && message.getCommand() == ShortMessage.PROGRAM_CHANGE) {
          programs.add(message.getData1());
        }
      }
    }
    return programs;
  }

  @Test
  void oneTiedNoteOfADoubleStopIsStruckOnce() throws Exception {
    Passage passage = abc("X:1\nM:4/4\nL:1/4\nK:C\n[D2-A2] [D2B2] |");
    Sequence sequence = MidiSystem.getSequence(new ByteArrayInputStream(written(passage)));
    long struck = 0;
    for (Track track : sequence.getTracks()) {
      for (int i = 0; i < track.size(); i++) {
        boolean on =
            track.get(i).getMessage() instanceof ShortMessage message
                && message.getCommand() == ShortMessage.NOTE_ON;
        struck += on ? 1 : 0;
      }
    }
    assertThat(struck).isEqualTo(3);
  }

  @Test
  void aFileOfTypeTwoIsCalledThat() throws Exception {
    byte[] file = written(abc("X:1\nM:4/4\nL:1/4\nK:C\nC D E F |"));
    file[9] = 2;
    assertThatThrownBy(() -> open(file))
        .isInstanceOf(ScoreRejectedException.class)
        .hasMessageStartingWith("played.mid: it is a MIDI file of type 2");
  }

  private static String told(String abc) {
    return onsets(abc(abc));
  }

  private static String onsets(Passage passage) {
    return PlayedNote.of(passage).stream()
        .map(
            n ->
                n.onset().getNumerator()
                    + "/"
                    + n.onset().getDenominator()
                    + ":"
                    + n.notes().get(0).written().semitone())
        .collect(Collectors.joining(" "));
  }

  private static String lengths(Passage passage) {
    return PlayedNote.of(passage).stream()
        .map(n -> n.length().toString().replace(" ", ""))
        .collect(Collectors.joining(" "));
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
    ShortMessage on = (ShortMessage) sequence.getTracks()[1].get(2).getMessage();
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
    assertThat(read.left()).anyMatch(l -> l.startsWith("the ends of 1 note that sounds"));
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
