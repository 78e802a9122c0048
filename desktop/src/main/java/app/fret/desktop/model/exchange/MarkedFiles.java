package app.fret.desktop.model.exchange;

import app.fret.book.Book;
import app.fret.book.BookPassage;
import app.fret.desktop.model.exchange.Papers.FileWriter;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Workers;
import app.fret.engraving.Paper;
import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.ScoreFile;
import app.fret.files.musicxml.ScoreOutput;
import app.fret.files.pdf.MarkedPart;
import app.fret.files.pdf.PdfPart;
import app.fret.files.scores.ScoreFiles;
import app.fret.files.scores.WholeScores;
import app.fret.study.PaperMarks;
import app.fret.study.Study;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;

/**
 * A passage with the marks of its plan, written to files. The dialogs have asked before another
 * file is replaced.
 */
public final class MarkedFiles {
  private final Book book;
  private final Workers workers;
  private final FileWriter writer;
  private final Consumer<Notice> tell;

  /** Writes from a book. */
  public MarkedFiles(Book book, Workers workers, FileWriter writer, Consumer<Notice> tell) {
    this.book = book;
    this.workers = workers;
    this.writer = writer;
    this.tell = tell;
  }

  /** Writes the passage as MusicXML, zipped where the name ends in .mxl. */
  public void writePart(PassageDesk desk, Path file, Consumer<Path> onWritten) {
    Study study = desk.study();
    writer.write(
        file, onWritten, out -> ScoreOutput.write(PaperMarks.withPositions(study), file, out));
  }

  /** Writes the passage as PDF. */
  public void writePdf(
      PassageDesk desk, Path file, Paper paper, boolean withTrack, Consumer<Path> onWritten) {
    Study study = desk.study();
    writer.write(
        file,
        onWritten,
        out ->
            PdfPart.write(
                new MarkedPart(study, withTrack).pages(paper),
                study.passage().title(),
                paper,
                out));
  }

  /** Writes the whole score that the passage is from, with its layout and the marks in it. */
  public void writeWhole(PassageDesk desk, Path file, Consumer<Path> onWritten) {
    Study study = desk.study();
    BookPassage stored = desk.opened().entry();
    workers.plan(
        () -> {
          try {
            byte[] original = workers.askBook(() -> book.score(stored.id()));
            Score score = new ScoreFiles().open(stored.fileName(), original);
            ScoreFile.Cut cut = new ScoreFile.Cut(stored.cut().part(), stored.cut().firstBar());
            List<String> left = WholeScores.write(score, cut, study, file, true);
            workers.show(() -> onWritten.accept(file));
            if (!left.isEmpty()) {
              tell.accept(Notice.of("Not marked: " + String.join("; ", left) + "."));
            }
          } catch (ScoreRejectedException e) {
            tell.accept(Notice.of(e.getMessage()));
          } catch (IOException e) {
            tell.accept(Notice.of(e.getMessage() + "."));
          }
        },
        tell);
  }
}
