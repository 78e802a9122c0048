package app.fret.desktop.model.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.model.OverDemo;
import app.fret.engraving.Paper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What of the demo's practice is written to files. */
class PapersTest extends OverDemo {
  PapersTest() {
    super(0);
  }

  @TempDir private Path folder;
  private final List<Path> written = new ArrayList<>();

  @Test
  void theWeekOfThePlayerIsAPracticeSheet() throws Exception {
    Path file = folder.resolve("week.pdf");
    desk.papers().writeWeek(passage(), file, Paper.A4, written::add);
    assertThat(written).containsExactly(file);
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      assertThat(new PDFTextStripper().getText(document))
          .contains("Mirela Tavasson", "Thursday 26 November", "Rungs to tick", "Gate of Bells")
          .doesNotContain("cannot be read");
    }
  }

  @Test
  void theDaysAheadAreACalendar() throws Exception {
    Path file = folder.resolve("practice.ics");
    desk.papers().writeCalendar(passage(), file, written::add);
    assertThat(Files.readString(file)).startsWith("BEGIN:VCALENDAR").contains("20261126");
  }

  @Test
  void theLogOfAllPassagesOfThePlayerIsATableInOrderOfTime() throws Exception {
    Path file = folder.resolve("log.csv");
    desk.papers().writeLog(passage(), file, written::add);
    List<String> lines = Files.readAllLines(file);
    long passes =
        desk.programme().stream()
            .filter(e -> e.owner().id() == passage().opened().owner().id())
            .mapToLong(e -> book.log(e.passage().id()).rows().size())
            .sum();
    assertThat(lines).hasSize((int) passes + 1);
    List<String> days =
        lines.subList(1, lines.size()).stream().map(l -> l.substring(0, 10)).toList();
    assertThat(days).isSorted();
    assertThat(String.join("\n", lines)).contains("Gate of Bells", "Kestrel");
  }
}
