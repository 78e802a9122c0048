package app.fret.files.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.instrument.Instruments;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Signs that a player would miss are read or listed with their bar. */
class VanishingSignsTest {
  private static ReadPassage read(String bar) throws ScoreRejectedException {
    return new MusicXmlReader().open("signs.musicxml", Xml.score(Xml.head(4, 4) + bar)).read(0);
  }

  private static String direction(String type) {
    return "<direction><direction-type>" + type + "</direction-type></direction>";
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          <string-mute type="on"/> | mutes put on or taken off
          <pedal type="start"/> | pedal marks
          <dashes type="start"/> | brackets and dashes
          <damp/> | the sign 'damp'
          <staff-divide type="down"/> | the sign 'staff-divide'
          <image source="x.png" type="image/png"/> | the sign 'image'
          <principal-voice type="start">H</principal-voice> | the sign 'principal-voice'
          """)
  void signsAtATimeAreListed(String sign, String words) throws ScoreRejectedException {
    assertThat(read(direction(sign) + Xml.whole("C")).skipped())
        .containsExactly(words + " in bar 1");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          <measure-style><measure-repeat type="start">1</measure-repeat></measure-style> | \
          signs that repeat a bar, whose notes are not written out
          <measure-style><slash type="start"/></measure-style> | slashes in place of notes
          <staff-details><capo>2</capo></staff-details> | a capo, which is not planned for
          <time><beats>2</beats><beat-type>2</beat-type><interchangeable><beats>4</beats>\
          <beat-type>4</beat-type></interchangeable></time> | a second metre
          """)
  void signsAtTheHeadOfABarAreListed(String sign, String words) throws ScoreRejectedException {
    assertThat(read("<attributes>" + sign + "</attributes>" + Xml.whole("C")).skipped())
        .containsExactly(words + " in bar 1");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          dacapo="yes" | the jump 'da capo', which is not played
          dalsegno="a" | the jump 'dal segno', which is not played
          tocoda="b" | the jump to the coda, which is not played
          fine="yes" | the end at 'fine', which is not played
          pizzicato="yes" | plucking that only playback knows
          """)
  void jumpsThatOnlyPlaybackNamesAreListed(String attribute, String words)
      throws ScoreRejectedException {
    assertThat(read("<sound " + attribute + "/>" + Xml.whole("C")).skipped())
        .containsExactly(words + " in bar 1");
  }

  @Test
  void holdsAndBreathsOnRestsAndBarLinesAreListed() throws ScoreRejectedException {
    String rest =
        "<note><rest/><duration>16</duration><voice>1</voice><type>whole</type><notations>"
            + "<fermata/><articulations><breath-mark/></articulations></notations></note>";
    String line = "<barline location=\"right\"><fermata/></barline>";
    assertThat(read(rest + line).skipped())
        .containsExactly(
            "fermatas at a rest in bar 1",
            "breath marks at a rest in bar 1",
            "fermatas at a bar line in bar 1");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          <non-arpeggiate type="top"/> | brackets of chords that are not broken in bar 1
          <tuplet type="stop"/> | a tuplet sign without a beginning in bar 1
          <tuplet type="start"/> | 1 tuplet signs that never end
          <articulations><breath-mark/></articulations> | breath marks in bar 1
          <technical><bend/></technical> | the sign 'bend' in bar 1
          <technical><harmonic><base-pitch/></harmonic></technical> | \
          pitches of a harmonic in bar 1
          """)
  void signsAtANoteAreListed(String sign, String words) throws ScoreRejectedException {
    String notations = "<notations>" + sign + "</notations>";
    assertThat(read(Xml.note("C", 5, 16, "whole", notations)).skipped()).containsExactly(words);
  }

  @Test
  void layoutIsNamedInOneLine() throws ScoreRejectedException {
    ReadPassage read =
        read(
            "<print new-page=\"yes\"/><attributes><measure-style><multiple-rest>2</multiple-rest>"
                + "</measure-style></attributes>"
                + Xml.note("C", 5, 16, "whole", "<stem>up</stem><beam>begin</beam>"));
    assertThat(read.skipped()).isEmpty();
    assertThat(read.layout())
        .contains(
            "layout, which Fret sets anew: bars of rest drawn as one, beams, page and spacing, stems");
    assertThat(read.left()).hasSize(1);
  }

  @Test
  void aScordaturaIsReadByStrings() throws ScoreRejectedException {
    String sign =
        "<scordatura><accord string=\"4\"><tuning-step>A</tuning-step>"
            + "<tuning-octave>3</tuning-octave></accord></scordatura>";
    ReadPassage read = read(direction(sign) + Xml.whole("C"));
    assertThat(read.skipped()).isEmpty();
    assertThat(read.tuning().on(Instruments.named("violin")))
        .isEqualTo(Instruments.tuned(Instruments.named("violin"), List.of("E5", "A4", "D4", "A3")));
    assertThat(read.tuning().words()).isEqualTo("string IV to A3");
  }

  /** Lines of a staff count from the lowest, strings from the highest (MusicXML 4.0). */
  @Test
  void theTuningOfAStaffIsReadFromItsLines() throws ScoreRejectedException {
    StringBuilder lines = new StringBuilder();
    String[] low = {"D", "G", "D", "A"};
    int[] octaves = {3, 3, 4, 4};
    for (int i = 0; i < low.length; i++) {
      lines
          .append("<staff-tuning line=\"" + (i + 1) + "\"><tuning-step>" + low[i])
          .append("</tuning-step><tuning-octave>" + octaves[i] + "</tuning-octave>")
          .append("</staff-tuning>");
    }
    ReadPassage read =
        read(
            "<attributes><staff-details>"
                + lines
                + "</staff-details></attributes>"
                + Xml.whole("C"));
    assertThat(read.tuning().on(Instruments.named("viola")))
        .isEqualTo(Instruments.tuned(Instruments.named("viola"), List.of("A4", "D4", "G3", "D3")));
  }

  @Test
  void whatAddsUpCountsWhereTypeAndDurationDisagree() throws ScoreRejectedException {
    ReadPassage read = read(Xml.note("C", 5, 8, "16th", "") + Xml.note("D", 5, 8, "half", ""));
    assertThat(read.skipped())
        .containsExactly("a printed length other than the duration, by which it is taken in bar 1");
    assertThat(read.passage().events().get(0).length()).isEqualTo(Fraction.of(1, 2));
    assertThat(read.passage().events().get(0).written().value()).isEqualTo(NoteValue.HALF);
  }

  @Test
  void aHiddenNoteAndAForeignElementAreNamed() throws ScoreRejectedException {
    String hidden = Xml.whole("C").replace("<note>", "<note print-object=\"no\">");
    assertThat(read("<x xmlns=\"urn:other\"/>" + hidden).skipped())
        .containsExactly(
            "notes hidden on the page, read all the same in bar 1",
            "elements of another format in bar 1");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          default-x="q" | default-y="1e999"
          color="nine" | relative-x="&lt;&gt;"
          """)
  void badLayoutNeverRefusesAScore(String one, String other) throws ScoreRejectedException {
    String note = Xml.whole("C").replace("<note>", "<note " + one + " " + other + ">");
    assertThat(read(note).passage().events()).hasSize(1);
  }

  /** Notes that no sign is long enough for, too many dots, and tuplets one after the other. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          <type/>
          <type>half</type><dot/><dot/><dot/><dot/><dot/>
          <type>1024th</type>
          <type>maxima</type>
          <type>eighth</type><time-modification><actual-notes>3</actual-notes>\
          <normal-notes>2</normal-notes></time-modification>
          """)
  void oddLengthsReadBackEqual(String type) throws ScoreRejectedException, IOException {
    String note = Xml.whole("C").replace("<type>whole</type>", type);
    Passage passage = read(note).passage();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new MusicXmlWriter().write(passage, out);
    assertThat(new MusicXmlReader().open("back.musicxml", out.toByteArray()).read(0).passage())
        .isEqualTo(passage.withTitle(passage.title()));
  }

  @Test
  void aTupletMayBeginWhereAnotherEnds() throws ScoreRejectedException, IOException {
    String change =
        "<time-modification><actual-notes>3</actual-notes><normal-notes>2</normal-notes>"
            + "</time-modification>";
    String third = Xml.note("C", 5, 16, "half", change).replace("<duration>16", "<duration>5.333");
    String begin = "<notations><tuplet type=\"start\" number=\"1\"/></notations>";
    String both =
        "<notations><tuplet type=\"stop\" number=\"1\"/><tuplet type=\"start\" number=\"1\"/>"
            + "</notations>";
    String end = "<notations><tuplet type=\"stop\" number=\"1\"/></notations>";
    Passage passage =
        read(third.replace("</note>", begin + "</note>")
                + third.replace("</note>", both + "</note>")
                + third.replace("</note>", end + "</note>"))
            .passage();
    assertThat(passage.tuplets()).hasSize(2);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new MusicXmlWriter().write(passage, out);
    assertThat(new MusicXmlReader().open("b.xml", out.toByteArray()).read(0).passage().tuplets())
        .isEqualTo(passage.tuplets());
  }
}
