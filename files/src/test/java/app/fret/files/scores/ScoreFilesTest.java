package app.fret.files.scores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.files.ReadPassage;
import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.abc.AbcReader;
import app.fret.files.abc.AbcTune;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.score.Event;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.testing.Music;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ScoreFilesTest {
  private static final String TWO_TUNES =
      "% made up\nX:1\nT:First\nM:4/4\nL:1/4\nK:G\nGABc|\n\nX:2\nT:Second\nM:3/4\nL:1/4\nK:C\nGAB|\n";

  private static Score open(String name, String text) throws ScoreRejectedException {
    return new ScoreFiles().open(name, text.getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void theContentSaysWhichFormatItIs() throws ScoreRejectedException, IOException {
    assertThat(open("tune", TWO_TUNES).partNames()).containsExactly("First", "Second");
    ByteArrayOutputStream xml = new ByteArrayOutputStream();
    new MusicXmlWriter().write(Music.passage("D5/1"), xml);
    assertThat(new ScoreFiles().open("score.abc.xml", xml.toByteArray()).partNames())
        .containsExactly("Part");
  }

  @Test
  void eachTuneIsAPart() throws ScoreRejectedException {
    Score score = open("tunes.abc", TWO_TUNES);
    assertThat(score.title()).isEqualTo("First");
    assertThat(score.read(1).passage().events()).hasSize(3);
    assertThat(score.read(1).passage().title()).isEqualTo("Second");
    assertThat(score.partOf("second")).isEqualTo(1);
  }

  @Test
  void aFaultNamesFileTuneBarAndLine() throws ScoreRejectedException {
    Score score = open("tunes.abc", TWO_TUNES.replace("GABc", "GABc|[GA"));
    assertThat(score.read(0).skipped())
        .anyMatch(s -> s.startsWith("line 6, bar 2: the chord is not closed"));
    assertThat(score.read(0).passage().events()).as("the rest is read").hasSize(5);
  }

  @Test
  void lineEndsOfAllSystemsAreTheSame() throws ScoreRejectedException {
    Score score = open("tunes.abc", TWO_TUNES.replace("\n", "\r\n"));
    assertThat(score.read(0).passage().events()).hasSize(4);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "no music", "\u0000\u0001", "X:", "{{{{", "[[[[", "|||||:::", "\"\"\""})
  void whatIsNoScoreGetsASentence(String text) {
    for (String name : new String[] {"x.abc", "x.xml"}) {
      assertThatThrownBy(() -> open(name, text).read(0))
          .isInstanceOf(ScoreRejectedException.class)
          .hasMessageStartingWith(name);
    }
  }

  private static byte[] riff(byte[] midi) {
    ByteBuffer riff = ByteBuffer.allocate(20 + midi.length).order(ByteOrder.LITTLE_ENDIAN);
    riff.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(12 + midi.length);
    riff.put("RMIDdata".getBytes(StandardCharsets.US_ASCII)).putInt(midi.length).put(midi);
    return riff.array();
  }

  @Test
  void midiInRiffIsReadAsMidi() throws Exception {
    ByteArrayOutputStream midi = new ByteArrayOutputStream();
    ScoreWriter.write(Music.passage("D5/4 E5/4 F5/2"), Path.of("x.mid"), midi);
    Score score = new ScoreFiles().open("old.rmi", riff(midi.toByteArray()));
    assertThat(score.read(0).passage().events()).hasSize(3);
  }

  @Test
  void lettersThatAreNoUtf8AreReadAsLatin1AndThatIsSaid() throws Exception {
    byte[] text =
        "X:1\nT:Caf\u00e9\nM:4/4\nL:1/4\nK:C\nc d e f |\n".getBytes(StandardCharsets.ISO_8859_1);
    Score score = new ScoreFiles().open("cafe.abc", text);
    assertThat(score.partNames()).containsExactly("Caf\u00e9");
    assertThat(score.read(0).skipped()).anyMatch(s -> s.contains("read as Latin-1"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "%PDF-1.7 and so on|it is a PDF",
        "Dear colleague, the score follows.|it is plain text and no score",
        "RIFF1234WAVEfmt |it is a sound file (RIFF)",
        "GIF89a|it is a picture (GIF)",
      })
  void otherFilesAreCalledByTheirNames(String content, String words) {
    assertThatThrownBy(() -> open("thing.musicxml", content))
        .isInstanceOf(ScoreRejectedException.class)
        .hasMessageStartingWith("thing.musicxml: " + words);
  }

  /** Files of others, each with one thing that refused the whole before. */
  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '`',
      value = {
        "a missing bar line at a line's end; M:4/4; GABc|defg\\nabc'd'|efga|; G4 A4 B4 C5 | D5 E5 F#5 G5 | A5 B5 C6 D6 | E5 F#5 G5 A5; bar line at the end of the line is missing",
        "a bar too long; M:4/4; GABc|defga|b4|; G4 A4 B4 C5 | D5 E5 F#5 G5 A5 | B5; a quarter too long for 4/4; it is kept so",
        "no metre; ; GABcd|]; G4 A4 B4 C5 D5; ",
        "a slur around grace notes; M:4/4; ({c}d)efg|]; C5 D5 E5 F#5 G5; ",
        "a sign of one's own; M:4/4\\nU:n=!tenuto!; nGABc|]; G4 A4 B4 C5; ",
        "one that nobody names; M:4/4; kGABc|]; G4 A4 B4 C5; 'k' stands for a sign of one's own",
        "a stray mark; M:4/4; !GABc|]; G4 A4 B4 C5; the sign is not closed and is left out",
        "a slur without an end; M:4/4; (GABc|]; G4 A4 B4 C5; a slur is not closed and is left out",
        "a tie into a rest; M:4/4; GABc-|zdef|]; G4 A4 B4 C5 | r D5 E5 F#5; leads to no note of the same pitch",
        "a colon behind a line's end; M:4/4; |:GABc:|\\n:defg:|; G4 A4 B4 C5 | D5 E5 F#5 G5; ",
        "text behind the tune; M:4/4; GABc|]\\n\\nA text about it.; G4 A4 B4 C5; ",
        "a letter that is none; M:4/4; GA?Bc|]; G4 A4 B4 C5; '?' is no sign of ABC",
      })
  void oneBadSignRefusesNoTune(String what, String head, String music, String notes, String listed)
      throws Exception {
    String fields = head == null ? "" : head.replace("\\n", "\n") + "\n";
    String tune = "X:1\nT:t\n" + fields + "L:1/4\nK:G\n" + music.replace("\\n", "\n") + "\n";
    ReadPassage read = open("x.abc", tune).read(0);
    assertThat(told(read.passage())).as(what).isEqualTo(notes);
    if (listed == null) {
      assertThat(read.skipped()).as(what).isEmpty();
    } else {
      assertThat(read.skipped()).as(what).anyMatch(s -> s.contains(listed));
    }
  }

  private static String told(Passage passage) {
    StringBuilder words = new StringBuilder();
    int bar = 0;
    for (Event event : passage.events()) {
      words.append(event.bar() > bar ? "| " : "");
      bar = event.bar();
      words.append(event instanceof Sounding s ? s.notes().get(0).written().toString() : "r");
      words.append(' ');
    }
    return words.toString().strip();
  }

  @Test
  void aKeyWithSignsOfItsOwnIsReadAndItsSignsAreWrittenAtTheNotes() throws Exception {
    ReadPassage read = open("x.abc", "X:1\nM:4/4\nL:1/4\nK:D exp _b _e ^f\ndefb|]\n").read(0);
    assertThat(told(read.passage())).isEqualTo("D5 Eb5 F#5 Bb5");
    assertThat(open("x.abc", "X:1\nM:4/4\nL:1/4\nK:C exp ^f ^c\ndefc|]\n").read(0).passage().bars())
        .as("two sharps are a usual signature")
        .extracting(b -> b.key().fifths())
        .containsExactly(2);
  }

  @Test
  void aClefWithAnOctaveIsReadInKeyAndVoice() throws Exception {
    for (String head : new String[] {"K:C clef=treble-8", "V:1 clef=treble-8\nK:C"}) {
      assertThat(open("x.abc", "X:1\nM:4/4\n" + head + "\nc8|]\n").read(0).passage().bars())
          .extracting(b -> b.clefs().get(0).clef().octaves())
          .containsExactly(-1);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "E/6553c/7758E72",
        "c!!>!!>>!!>!!>!!>!!>!!>!!>!!>!!>!!>!!>!!>!!>!!>!!>!!>!!>!>",
        "X:1\nM:4/4\nL:1/8\nK:C\nc>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>>d |",
        "X:1\nM:none\nL:1/8\nK:C\nc/65535 d/32767 e/32749 f/32719 |",
        "X:1\nM:none\nL:1/8\nK:C\n(97:89:2cc (83:79:2cc (73:71:2cc (67:61:2cc (59:53:2cc |",
      })
  void lengthsBeyondCountingAreSaidWithTheirPlace(String text) {
    AbcTune tune = AbcReader.read(text);
    assertThat(tune.problems()).isNotEmpty().allMatch(p -> p.line() >= 1 && p.from() < p.to());
  }

  @Test
  void whatCannotBeReadBackIsNotWritten() throws Exception {
    Passage graces = Music.passage("C5/4 D5/4 E5/4 F5/4 gG5/8 | G5/1 gA5/8");
    for (Passage passage :
        List.of(graces, Music.passage(Metre.of(6, 1), "C5/1 D5/1 E5/1 F5/1 G5/1 A5/1"))) {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ScoreWriter.write(passage, Path.of("x.abc"), out);
      Passage back = open("x.abc", out.toString(StandardCharsets.UTF_8)).read(0).passage();
      assertThat(told(back)).isEqualTo(told(passage));
    }
  }
}
