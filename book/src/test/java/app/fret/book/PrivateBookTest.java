package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.PlayerSetup;
import java.io.BufferedReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A book is nobody's business but its owner's. */
class PrivateBookTest {
  @TempDir Path folder;

  @Test
  void theBookItsJournalItsCopiesAndItsLockAreTheOwnersAlone() throws Exception {
    Path file = folder.resolve("private.fretbook");
    try (Book book = Book.open(file)) {
      book.addPlayer("A", PlayerSetup.usual("violin"));
      book.backUp(LocalDate.of(2026, 11, 30));
      List<Path> made;
      try (Stream<Path> all = Files.list(folder)) {
        made = all.toList();
      }
      assertThat(made).hasSizeGreaterThanOrEqualTo(4);
      for (Path each : made) {
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(each)))
            .as(each.getFileName().toString())
            .isEqualTo("rw-------");
      }
    }
  }

  @Test
  void aProgramThatIsEndedByForceLeavesNothingInTheFolderForTemporaryFiles() throws Exception {
    Path temporary = Files.createDirectory(folder.resolve("tmp"));
    Path library = folder.resolve("lib");
    Process victim =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:-UsePerfData",
                "-Djava.io.tmpdir=" + temporary,
                "-Dfret.library=" + library,
                "-cp",
                System.getProperty("java.class.path"),
                Victims.class.getName(),
                "make",
                folder.resolve("made.fretbook").toString())
            .start();
    try (BufferedReader said = victim.inputReader()) {
      assertThat(said.readLine()).isEqualTo("ready");
      assertThat(said.readLine()).isEqualTo("made");
    } finally {
      victim.destroyForcibly().waitFor();
    }
    assertThat(temporary).isEmptyDirectory();
    assertThat(library).isDirectoryRecursivelyContaining("glob:**sqlite*");
  }
}
