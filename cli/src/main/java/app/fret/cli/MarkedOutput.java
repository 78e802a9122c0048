package app.fret.cli;

import app.fret.engraving.Paper;
import app.fret.files.ScoreRejectedException;
import app.fret.files.WholeFile;
import app.fret.files.pdf.MarkedPart;
import app.fret.files.pdf.PdfPart;
import app.fret.files.scores.ScoreWriter;
import app.fret.files.scores.WholeScores;
import app.fret.study.PaperMarks;
import app.fret.study.Study;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * Where the marked part is written, in the form that its name asks for.
 *
 * @param file the file
 * @param overwrite whether another file of that name may be replaced
 * @param withTrack whether a PDF shows the place of the bow under each system
 */
record MarkedOutput(Path file, boolean overwrite, boolean withTrack) {

  private String ending() {
    String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
    return name.substring(name.lastIndexOf('.') + 1);
  }

  /**
   * Makes sure, before any work is done, that something can be written there.
   *
   * @param whole whether the whole score is to be written, which is MusicXML
   * @throws IllegalArgumentException when the name asks for no form Fret writes, or it is the input
   */
  void require(ScoreInput input, boolean whole) {
    boolean device = file.startsWith("/dev");
    if (!device && !ending().matches("musicxml|xml|mxl|abc|mid|pdf")) {
      throw new IllegalArgumentException(
          "--out "
              + file.getFileName()
              + ": Fret writes .musicxml, .xml, .mxl, .abc, .mid and .pdf; end the name in one of them");
    }
    if (whole && !device && !ending().matches("musicxml|xml|mxl")) {
      throw new IllegalArgumentException(
          "--whole writes MusicXML; let --out end in .musicxml, .xml or .mxl");
    }
    if (input.isSame(file)) {
      throw new IllegalArgumentException(
          "--out " + file.getFileName() + " is the input itself, which is never replaced");
    }
  }

  /**
   * Writes the whole score that was read, with the marks of the passage in it.
   *
   * @return what could not be marked, a phrase each
   */
  List<String> writeWhole(Study study, PlanOptions.Opened opened)
      throws IOException, ScoreRejectedException {
    return WholeScores.write(opened.score(), opened.cut(), study, file, overwrite);
  }

  /** Writes the passage with fingers, strings and bow signs, whole or not at all. */
  void write(Study study) throws IOException {
    write(study, List.of());
  }

  /**
   * The same.
   *
   * @param words how it is to be played, which stands on paper alone
   */
  void write(Study study, List<String> words) throws IOException {
    WholeFile.write(
        file,
        overwrite,
        out -> {
          if (ending().equals("pdf")) {
            String title = study.passage().title();
            PdfPart.write(
                new MarkedPart(study, withTrack, words).pages(Paper.A4), title, Paper.A4, out);
          } else {
            ScoreWriter.write(PaperMarks.withPositions(study), file, out);
          }
        });
  }
}
