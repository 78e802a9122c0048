package app.fret.files.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.ScoreRejectedException;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Marks go into the score as it came: its other parts and its layout are not Fret's. */
class MarkedScoreTest {
  private static final String SECOND = "Second Violin";

  private static String note(String step, String more) {
    return "<note default-x=\"80\"><pitch><step>"
        + step
        + "</step><octave>5</octave></pitch><duration>8</duration><voice>1</voice><type>half</type>"
        + "<stem>down</stem>"
        + more
        + "<lyric><text>la</text></lyric></note>";
  }

  private static byte[] score() {
    String first =
        Xml.part(
            "P1",
            "<print new-system=\"yes\"/>"
                + Xml.head(4, 4)
                + note("C", "<notations><slur type=\"start\" number=\"1\"/></notations>")
                + note("D", "<notations><slur type=\"stop\" number=\"1\"/></notations>"),
            "<print new-page=\"yes\"/>"
                + note(
                    "E", "<notations><technical><fingering>4</fingering></technical></notations>")
                + note("F", ""));
    String other = Xml.part("P2", Xml.head(4, 4) + note("G", "") + note("G", ""), note("A", ""));
    return Xml.bytes(
        "<!DOCTYPE score-partwise PUBLIC \"-//Q//DTD MusicXML 4.0 Partwise//EN\" \"q.dtd\">",
        first + other,
        "<score-part id=\"P1\"><part-name>Violin</part-name></score-part><score-part id=\"P2\">"
            + "<part-name>"
            + SECOND
            + "</part-name></score-part>");
  }

  private static Passage withFinger(Passage passage, int event, Finger finger) {
    List<Event> events = new ArrayList<>(passage.events());
    Sounding sounding = (Sounding) events.get(event);
    events.set(
        event,
        sounding.withNotes(
            List.of(
                sounding.notes().get(0).withFingering(Optional.of(finger), OptionalInt.of(2)))));
    return passage.withEvents(events);
  }

  private static String written(ScoreFile file, Passage printed, Passage marked)
      throws IOException, ScoreRejectedException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ScoreFile.Cut cut = new ScoreFile.Cut(0, 1);
    assertThat(file.writeMarked(cut, printed, marked, Path.of("w.musicxml"), out)).isEmpty();
    return out.toString(StandardCharsets.UTF_8);
  }

  @Test
  void partsAndLayoutStayAndTheFingerTakesThePlaceOfThePrintedOne() throws Exception {
    ScoreFile file = new MusicXmlReader().open("whole.musicxml", score());
    Passage bar = file.read(0).intake().cut(1, 1);
    String whole = written(file, bar, withFinger(bar, 0, Finger.SECOND));
    assertThat(whole)
        .contains(SECOND, "<print new-system=\"yes\"/>", "<print new-page=\"yes\"/>")
        .contains("default-x=\"80\"", "<text>la</text>", "q.dtd")
        .contains("<fingering>2</fingering>", "<string>2</string>")
        .doesNotContain("<fingering>4</fingering>");
    Passage back =
        new MusicXmlReader()
            .open("back.musicxml", whole.getBytes(StandardCharsets.UTF_8))
            .read(0)
            .passage();
    assertThat(((Sounding) back.events().get(2)).notes().get(0).finger()).contains(Finger.SECOND);
    assertThat(back.slurs()).as("a slur outside the passage").containsExactly(new Span(0, 1));
  }

  /** In a note the notations stand before the words to sing (MusicXML 4.0, note). */
  @Test
  void newNotationsStandWhereTheSchemaHasThem() throws Exception {
    ScoreFile file = new MusicXmlReader().open("whole.musicxml", score());
    Passage bar = file.read(0).intake().cut(1, 1);
    Passage slurred = withFinger(bar, 1, Finger.THIRD).withSlurs(List.of(new Span(0, 1)));
    String whole = written(file, bar, slurred);
    assertThat(whole)
        .containsSubsequence("<step>F</step>", "<stem>down</stem>", "<notations>", "<lyric>");
    Passage back =
        new MusicXmlReader()
            .open("back.musicxml", whole.getBytes(StandardCharsets.UTF_8))
            .read(0)
            .passage();
    assertThat(back.slurs()).containsExactly(new Span(0, 1), new Span(2, 3));
  }

  /** A slur from the bar before ends inside the passage and has the first number. */
  @Test
  void aNewSlurIsNotMistakenForOneThatCrossesThePassagesEdge() throws Exception {
    String tied = "<notations><slur type=\"%s\" number=\"1\"/></notations>";
    byte[] score =
        Xml.score(
            Xml.head(4, 4) + note("C", "") + note("D", tied.formatted("start")),
            note("E", tied.formatted("stop")) + note("F", ""));
    ScoreFile file = new MusicXmlReader().open("whole.musicxml", score);
    Passage bar = file.read(0).intake().cut(1, 1);
    String whole = written(file, bar, bar.withSlurs(List.of(new Span(0, 1))));
    Passage back =
        new MusicXmlReader()
            .open("back.musicxml", whole.getBytes(StandardCharsets.UTF_8))
            .read(0)
            .passage();
    assertThat(back.slurs()).containsExactly(new Span(1, 2), new Span(2, 3));
  }

  @Test
  void notesThatTheFileLacksAreCounted() throws Exception {
    ScoreFile file = new MusicXmlReader().open("whole.musicxml", score());
    Passage whole = file.read(0).passage();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    assertThat(file.writeMarked(new ScoreFile.Cut(0, 1), whole, whole, Path.of("w.musicxml"), out))
        .containsExactly("4 notes that the file does not have, as after a mend");
  }
}
