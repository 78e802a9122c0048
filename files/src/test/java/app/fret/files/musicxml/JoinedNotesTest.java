package app.fret.files.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.score.Directions;
import app.fret.score.Joins;
import app.fret.score.Marks;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Transposition;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What leads from note to note, and signs of form, through reading and writing (MusicXML 4.0). */
class JoinedNotesTest {
  private static ReadPassage read(String measure) throws ScoreRejectedException {
    byte[] xml = Xml.score(Xml.head(4, 4) + measure);
    return new MusicXmlReader().open("joined.musicxml", xml).read(0);
  }

  private static String half(String step, String notations) {
    return "<note><pitch><step>"
        + step
        + "</step><octave>5</octave></pitch><duration>8</duration><voice>1</voice>"
        + "<type>half</type><notations>"
        + notations
        + "</notations></note>";
  }

  private static String written(Passage passage) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ScoreOutput.write(passage, Path.of("joined.musicxml"), out);
    return out.toString(StandardCharsets.UTF_8);
  }

  private static Marks marks(Passage passage, int event) {
    return ((Sounding) passage.events().get(event)).marks();
  }

  @Test
  void aGlissandoStaysWithBothItsEnds() throws Exception {
    ReadPassage read =
        read(
            half("C", "<glissando type=\"start\" number=\"1\"/>")
                + half("G", "<glissando type=\"stop\" number=\"1\"/>"));
    assertThat(marks(read.passage(), 0).join())
        .contains(new Marks.Join(Marks.Join.Kind.GLISSANDO, 0));
    assertThat(read.skipped()).isEmpty();
    assertThat(written(read.passage()))
        .contains("<glissando type=\"start\" number=\"1\"")
        .contains("<glissando type=\"stop\" number=\"1\"");
  }

  @Test
  void aTremoloOfTwoNotesStaysWithItsStrokes() throws Exception {
    ReadPassage read =
        read(
            half("C", "<ornaments><tremolo type=\"start\">3</tremolo></ornaments>")
                + half("E", "<ornaments><tremolo type=\"stop\">3</tremolo></ornaments>"));
    assertThat(marks(read.passage(), 0).join())
        .contains(new Marks.Join(Marks.Join.Kind.TREMOLO, 3));
    assertThat(read.skipped()).isEmpty();
    assertThat(written(read.passage()))
        .contains("<tremolo type=\"start\">3<")
        .contains("<tremolo type=\"stop\">3<");
  }

  @Test
  void aLineIntoNothingAndAnEndWithoutABeginningAreListed() throws ScoreRejectedException {
    ReadPassage read =
        read(half("C", "<slide type=\"stop\"/>") + half("G", "<slide type=\"start\"/>"));
    assertThat(read.skipped())
        .containsExactly(
            "the end of a glissando that does not begin in bar 1",
            "a glissando or tremolo that leads to no note in bar 1");
    assertThat(Joins.leads(read.passage().events(), 1)).isFalse();
    assertThat(marks(read.passage(), 1).join()).isEmpty();
  }

  @Test
  void aSnappedStringAndTheSignsOfFormStay() throws Exception {
    String signs =
        "<direction><direction-type><segno/></direction-type></direction>"
            + half("C", "<technical><snap-pizzicato/></technical>")
            + "<direction><direction-type><coda/></direction-type></direction>"
            + half("G", "");
    ReadPassage read = read(signs);
    assertThat(marks(read.passage(), 0).articulations())
        .containsExactly(Marks.Articulation.SNAP_PIZZICATO);
    assertThat(read.passage().directions().words())
        .extracting(Directions.Words::text)
        .containsExactly(Directions.Words.SEGNO, Directions.Words.CODA);
    assertThat(read.skipped()).isEmpty();
    assertThat(written(read.passage()))
        .contains("<snap-pizzicato/>")
        .contains("<segno/>")
        .contains("<coda/>");
  }

  @Test
  void daCapoInWordsAloneIsListedAsNotPlayed() throws ScoreRejectedException {
    ReadPassage read =
        read(
            half("C", "")
                + "<direction><direction-type><words>D.C. al Fine</words></direction-type>"
                + "</direction>"
                + half("G", ""));
    assertThat(read.skipped()).containsExactly("the jump 'da capo', which is not played in bar 1");
    assertThat(read.passage().directions().words()).hasSize(1);
  }

  /** A part an octave down names 7 steps for 12 semitones by octave-change, and 5 for a sixth. */
  @Test
  void aTranspositionNamesItsStaffStepsToo() throws Exception {
    Passage passage = read(half("C", "") + half("G", "")).passage();
    assertThat(written(passage.withTransposition(Optional.of(new Transposition(-9)))))
        .containsSubsequence("<diatonic>-5</diatonic>", "<chromatic>-9</chromatic>");
    assertThat(written(passage.withTransposition(Optional.of(new Transposition(-12)))))
        .containsSubsequence(
            "<diatonic>0</diatonic>", "<chromatic>0</chromatic>", "<octave-change>-1<");
  }
}
