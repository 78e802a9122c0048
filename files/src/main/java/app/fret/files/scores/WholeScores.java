package app.fret.files.scores;

import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.WholeFile;
import app.fret.files.musicxml.ScoreFile;
import app.fret.study.MarkedPassage;
import app.fret.study.Study;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/** Writes the whole score that a passage is from, layout and all, with the marks of its plan. */
public final class WholeScores {
  private WholeScores() {}

  /**
   * Writes it, whole or not at all.
   *
   * @param score what the passage was read from
   * @param cut where the passage begins there
   * @param file MusicXML, zipped where the name ends in {@code .mxl}
   * @param overwrite whether another file of that name may be replaced
   * @return what could not be marked, a phrase each
   * @throws ScoreRejectedException when the score is no MusicXML, which alone has a layout to keep
   * @throws IOException when it cannot be written, with a sentence
   */
  public static List<String> write(
      Score score, ScoreFile.Cut cut, Study study, Path file, boolean overwrite)
      throws ScoreRejectedException, IOException {
    if (!(score instanceof ScoreFile whole)) {
      throw new ScoreRejectedException(
          score.place(), "it is no MusicXML and has no layout to keep; write the marked part");
    }
    ByteArrayOutputStream marked = new ByteArrayOutputStream();
    List<String> left =
        whole.writeMarked(cut, study.passage(), MarkedPassage.of(study), file, marked);
    WholeFile.write(file, overwrite, marked::writeTo);
    return left;
  }
}
