package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.PlayerSetup;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A real child process is killed in the middle of writing. */
class KilledWriterTest {
  @TempDir private Path folder;

  @ParameterizedTest
  @ValueSource(ints = {1, 17, 60})
  void nothingThatWasKeptIsLostWhenTheWriterIsKilled(int entriesBeforeTheKill)
      throws BookException, IOException, InterruptedException {
    Path file = folder.resolve("killed.fretbook");
    long passage;
    try (Book book = Book.open(file)) {
      long player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
      passage = book.addPassage(BookTest.passage(player, "Study")).id();
    }
    Process writer =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                LogWriter.class.getName(),
                file.toString(),
                String.valueOf(passage))
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    int kept = 0;
    try (BufferedReader said =
        new BufferedReader(
            new InputStreamReader(writer.getInputStream(), StandardCharsets.UTF_8))) {
      while (kept < entriesBeforeTheKill) {
        kept = Integer.parseInt(said.readLine());
      }
      writer.toHandle().destroyForcibly();
      for (String line = said.readLine(); line != null; line = said.readLine()) {
        kept = line.matches("\\d+") ? Math.max(kept, lastWhole(line, kept)) : kept;
      }
    }
    assertThat(writer.waitFor(30, TimeUnit.SECONDS)).isTrue();
    try (Book book = Book.open(file)) {
      List<LogEntry> log = book.log(passage).rows();
      assertThat(log.size()).isGreaterThanOrEqualTo(kept);
      for (int i = 0; i < log.size(); i++) {
        assertThat(log.get(i).at().getEpochSecond()).isEqualTo(i + 1);
      }
    }
  }

  /** The last line may be torn: 104 can arrive as 10. Only a number that follows on counts. */
  private static int lastWhole(String line, int before) {
    int said = Integer.parseInt(line);
    return said == before + 1 ? said : before;
  }
}
