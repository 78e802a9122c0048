package app.fret.files.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.instrument.Instruments;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.lefthand.PinConflictException;
import app.fret.score.BarAccidentals;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import app.fret.study.Choices;
import app.fret.study.MarkedPassage;
import app.fret.study.Study;
import app.fret.testing.Music;
import app.fret.testing.RandomPassages;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.LongStream;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import javax.xml.validation.Validator;
import org.audiveris.proxymusic.ScorePartwise;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

class MusicXmlRoundTripTest {
  private static Schema schema;

  /** The MusicXML 4.0 schema as proxymusic carries it. */
  @BeforeAll
  static void compileSchema() throws SAXException, IOException {
    SchemaFactory factory = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
    factory.setResourceResolver(
        (type, namespace, publicId, systemId, base) ->
            new LocalSchema(systemId, MusicXmlRoundTripTest.class.getResourceAsStream(systemId)));
    try (InputStream in =
        ScorePartwise.class.getResourceAsStream("/META-INF/jaxb/xsd/musicxml.xsd")) {
      schema = factory.newSchema(new StreamSource(in));
    }
  }

  static LongStream seeds() {
    return LongStream.range(0, 120);
  }

  private static byte[] written(Passage passage) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new MusicXmlWriter().write(passage, out);
    return out.toByteArray();
  }

  private static void validate(byte[] xml) throws SAXException, IOException {
    Validator validator = schema.newValidator();
    javax.xml.parsers.SAXParserFactory parsers =
        javax.xml.parsers.SAXParserFactory.newDefaultInstance();
    parsers.setNamespaceAware(true);
    try {
      org.xml.sax.XMLReader reader = parsers.newSAXParser().getXMLReader();
      reader.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
      validator.validate(
          new javax.xml.transform.sax.SAXSource(
              reader, new InputSource(new ByteArrayInputStream(xml))));
    } catch (javax.xml.parsers.ParserConfigurationException e) {
      throw new IOException(e);
    }
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsWrittenIsValidAndReadsBackEqual(long seed)
      throws IOException, SAXException, ScoreRejectedException {
    Passage passage = RandomPassages.full(seed);
    byte[] xml = written(passage);
    validate(xml);
    ReadPassage back = new MusicXmlReader().open("back.musicxml", xml).read(0);
    assertThat(back.passage().bars()).isEqualTo(passage.bars());
    assertThat(back.passage().events()).isEqualTo(passage.events());
    assertThat(back.passage().directions()).isEqualTo(passage.directions());
    assertThat(back.passage()).isEqualTo(passage);
    assertThat(back.skipped()).isEmpty();
  }

  @Test
  void theMarksOfAPlanAreWrittenAsFingersStringsAndBows()
      throws IOException,
          SAXException,
          ScoreRejectedException,
          OutOfRangeException,
          PinConflictException {
    Study study =
        Study.of(
            Music.passage("G3/4 B4/4 (F#5/4 G5/4)"),
            Player.of("", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 80)));
    Passage marked = BarAccidentals.completed(MarkedPassage.of(study));
    byte[] xml = written(MarkedPassage.of(study));
    validate(xml);
    String text = new String(xml, java.nio.charset.StandardCharsets.UTF_8);
    assertThat(text)
        .contains("<fingering>0</fingering>")
        .contains("<string>4</string>")
        .contains("<down-bow/>");
    assertThat(new MusicXmlReader().open("m.musicxml", xml).read(0).passage()).isEqualTo(marked);
  }

  @Test
  void anEndingClosesUnderTheNumberItOpenedWith() throws IOException, ScoreRejectedException {
    byte[] two =
        Xml.score(
            Xml.head(4, 4)
                + "<barline location=\"left\"><ending number=\"2\" type=\"start\"/></barline>"
                + Xml.whole("C")
                + "<barline location=\"right\"><ending number=\"2\" type=\"stop\"/></barline>");
    Passage passage = new MusicXmlReader().open("two.musicxml", two).read(0).passage();
    String text = new String(written(passage), java.nio.charset.StandardCharsets.UTF_8);
    assertThat(text.split("ending number=\"2\"", -1)).hasSize(3);
  }

  @Test
  void theSchemaTestWouldSeeAFault() {
    byte[] broken =
        Xml.score(Xml.head(4, 4) + Xml.whole("C").replace("<voice>1</voice>", "<vice>1</vice>"));
    org.assertj.core.api.Assertions.assertThatThrownBy(() -> validate(broken))
        .isInstanceOf(SAXException.class);
  }

  /** Marks that are pencilled into a file leave it valid, and every note is found there. */
  @ParameterizedTest
  @MethodSource("seeds")
  void aWholeScoreWithMarksInItIsValid(long seed) throws Exception {
    ScoreFile file =
        new MusicXmlReader().open("whole.musicxml", written(RandomPassages.full(seed)));
    Passage printed = file.read(0).passage();
    Passage slurred = printed.withSlurs(List.of());
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    assertThat(
            file.writeMarked(new ScoreFile.Cut(0, 0), printed, slurred, Path.of("w.musicxml"), out))
        .isEmpty();
    validate(out.toByteArray());
    Passage back = new MusicXmlReader().open("back.musicxml", out.toByteArray()).read(0).passage();
    assertThat(back.slurs()).isEmpty();
    assertThat(back.events()).containsExactlyElementsOf(slurred.events());
    assertThat(back).isEqualTo(slurred);
  }

  /**
   * Files give lengths that contradict their print; the figure of the tuplet is kept all the same.
   */
  @Test
  void aTupletKeepsItsFigureWhereItsFirstNoteStatesNone() throws Exception {
    String note = "<note><pitch><step>C</step><octave>5</octave></pitch><duration>5</duration>";
    String start =
        "<notations><tuplet type=\"start\"><tuplet-actual><tuplet-number>3</tuplet-number>"
            + "</tuplet-actual><tuplet-normal><tuplet-number>2</tuplet-number></tuplet-normal>"
            + "</tuplet></notations></note>";
    String stop = "<notations><tuplet type=\"stop\"/></notations></note>";
    byte[] score = Xml.score(Xml.head(5, 8) + note + start + note + stop);
    Passage passage = new MusicXmlReader().open("t.musicxml", score).read(0).passage();
    assertThat(passage.tuplets()).extracting(Tuplet::ratio).containsExactly(new TupletRatio(3, 2));
    byte[] again = written(passage);
    validate(again);
    assertThat(new MusicXmlReader().open("t.musicxml", again).read(0).passage()).isEqualTo(passage);
  }
}
