package app.fret.cli;

import app.fret.files.ScoreRejectedException;
import app.fret.files.WholeFile;
import app.fret.files.musicxml.ScoreFile;
import app.fret.study.MarkedPassage;
import app.fret.study.Study;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * Where the whole score is written with the marks of a passage in it.
 *
 * @param file the file
 * @param overwrite whether another file of that name may be replaced
 */
record WholeScoreOutput(Path file, boolean overwrite) {
  /**
   * Makes sure that the name asks for MusicXML.
   *
   * @throws IllegalArgumentException when it does not
   */
  void require() {
    String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
    if (!file.startsWith("/dev") && !name.matches(".*\\.(musicxml|xml|mxl)")) {
      throw new IllegalArgumentException(
          "--whole writes MusicXML; let --out end in .musicxml, .xml or .mxl");
    }
  }

  /**
   * Writes it, whole or not at all.
   *
   * @return what could not be marked, a phrase each
   */
  List<String> write(Study study, PlanOptions.Opened opened)
      throws IOException, ScoreRejectedException {
    if (!(opened.score() instanceof ScoreFile score)) {
      throw new IllegalArgumentException(
          "--whole marks a score in MusicXML, which "
              + opened.score().place().file()
              + " is not; leave it out");
    }
    ByteArrayOutputStream marked = new ByteArrayOutputStream();
    List<String> left =
        score.writeMarked(opened.cut(), study.passage(), MarkedPassage.of(study), file, marked);
    WholeFile.write(file, overwrite, marked::writeTo);
    return left;
  }
}
