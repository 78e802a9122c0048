package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MistakeFileTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-20T16:00:00Z"), ZoneOffset.UTC);

  @TempDir private Path folder;

  @Test
  void mistakesAreWrittenDownBesideTheBookOneAfterTheOther() throws IOException {
    MistakeFile file = new MistakeFile(folder, CLOCK);
    file.accept(new IllegalStateException("first"));
    file.accept(new StackOverflowError("second"));
    assertThat(Files.readString(folder.resolve("fret-mistakes.log")))
        .startsWith("2026-11-20T16:00:00Z java.lang.IllegalStateException: first")
        .contains("StackOverflowError: second");
  }

  @Test
  void aFileThatHasGrownLargeIsBegunAnew() throws IOException {
    Path log = folder.resolve("fret-mistakes.log");
    Files.write(log, new byte[1_000_001]);
    new MistakeFile(folder, CLOCK).accept(new IllegalStateException("after"));
    assertThat(Files.size(log)).isLessThan(100_000);
  }

  @Test
  void whereNothingCanBeWrittenNothingIsThrown() {
    new MistakeFile(folder.resolve("gone"), CLOCK).accept(new IllegalStateException("lost"));
    assertThat(folder.resolve("gone")).doesNotExist();
  }
}
