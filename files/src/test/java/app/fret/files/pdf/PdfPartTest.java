package app.fret.files.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.engraving.Paper;
import app.fret.instrument.Instruments;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.lefthand.PinConflictException;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The written part, read back by the library it was not laid out with. */
class PdfPartTest {
  private static Study study(String instrument, String music)
      throws OutOfRangeException, PinConflictException {
    return Study.of(
        Music.passage(music).withTitle("Morning Étude"),
        Player.of("Oda Merrin", Instruments.named(instrument)),
        Choices.at(new Tempo(BeatUnit.QUARTER, 92)));
  }

  private static PDDocument written(Study study, Paper paper) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfPart.write(new MarkedPart(study).pages(paper), "Morning Étude", paper, out);
    return Loader.loadPDF(out.toByteArray());
  }

  private static String text(PDDocument document) throws IOException {
    PDFTextStripper stripper = new PDFTextStripper();
    stripper.setSortByPosition(true);
    return stripper.getText(document);
  }

  /** The fonts for words hold neither flat nor sharp (their own character tables). */
  @Test
  void flatsAndSharpsInNamesAreDrawnAndNoQuestionMark() throws Exception {
    Study study = study("violin", "C5/1");
    String named = "Horn in B\u266D, then F\u266F";
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Study titled =
        Study.of(Music.passage("C5/1").withTitle(named), study.player(), study.choices());
    PdfPart.write(new MarkedPart(titled).pages(Paper.A4), named, Paper.A4, out);
    try (PDDocument document = Loader.loadPDF(out.toByteArray());
        PDDocument plain = written(study, Paper.A4)) {
      assertThat(text(document)).contains("Horn in B").contains(", then F").doesNotContain("?");
      assertThat(fills(document)).isEqualTo(fills(plain) + 2);
    }
  }

  /** What is searched for on a page or copied from it must be found; joined letters were not. */
  @Test
  void lettersThatAreOftenJoinedAreReadBackOneByOne() throws Exception {
    Study study = study("violin", "C5/1");
    Study titled =
        Study.of(
            Music.passage("C5/1").withTitle("Left, lift, fifth, affine"),
            study.player(),
            study.choices());
    try (PDDocument document = written(titled, Paper.A4)) {
      assertThat(text(document)).contains("Left, lift, fifth, affine");
    }
  }

  /** How often a path is filled on the first page: once for every sign of music. */
  private static long fills(PDDocument document) throws IOException {
    return new PDFStreamParser(document.getPage(0))
        .parse().stream()
            .filter(o -> o instanceof Operator operator && operator.getName().equals("f"))
            .count();
  }

  @Test
  void thePlaceOfTheBowIsDrawnUnderTheMusicWhenAsked() throws Exception {
    Study study = study("violin", "(C5/4 D5/4) (E5/4 F5/4) | F5/1 | G5/4 r/2.");
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfPart.write(new MarkedPart(study, true).pages(Paper.A4), "Morning Étude", Paper.A4, out);
    try (PDDocument tracked = Loader.loadPDF(out.toByteArray());
        PDDocument plain = written(study, Paper.A4)) {
      assertThat(text(tracked)).contains("frog").contains("tip").contains("0.5");
      assertThat(text(plain)).doesNotContain("frog");
      assertThat(text(plain)).contains("Bow, bar");
    }
  }

  @ParameterizedTest
  @EnumSource(Paper.class)
  void thePageHasTheSizeOfThePaper(Paper paper) throws Exception {
    try (PDDocument document = written(study("violin", "D5/4 E5/4 F5/4 G5/4"), paper)) {
      PDRectangle box = document.getPage(0).getMediaBox();
      assertThat(box.getWidth() / 72 * 25.4).isCloseTo(paper.widthMm(), within(0.05));
      assertThat(box.getHeight() / 72 * 25.4).isCloseTo(paper.heightMm(), within(0.05));
    }
  }

  @Test
  void titlePlayerTempoFingersStringsAndPositionsAreText() throws Exception {
    try (PDDocument document =
        written(study("violin", "A5/8 B5/8 C6/8 D6/8 C6/8 B5/8 A5/4"), Paper.A4)) {
      String text = text(document);
      assertThat(text).contains("Morning Étude", "Oda Merrin", "target quarter = 92");
      assertThat(text).containsPattern("1 +2 +3 +4 +3 +2 +1");
      assertThat(text).contains("I").containsPattern("(?m)^ *3");
    }
  }

  @Test
  void musicIsDrawnAsVectorsWithoutPictures() throws Exception {
    try (PDDocument document = written(study("cello", "C3/4 E3/4 G3/4 C4/4"), Paper.A4)) {
      assertThat(document.getPage(0).getResources().getXObjectNames()).isEmpty();
      assertThat(document.getPage(0).getResources().getFontNames()).isNotEmpty();
      assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Morning Étude");
    }
  }

  @Test
  void aWideReachIsMarkedAndExplained() throws Exception {
    try (PDDocument document = written(study("violin", "A3+C#5/1"), Paper.A4)) {
      assertThat(text(document))
          .contains("! marks a wide reach")
          .containsPattern("stop\\s+at any pain");
    }
  }
}
