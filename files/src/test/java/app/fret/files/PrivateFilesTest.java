package app.fret.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What nobody else may read, and what goes with the program. */
class PrivateFilesTest {
  @TempDir Path folder;

  private static String rights(Path path) throws IOException {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
  }

  @Test
  void filesAndFoldersAreMadeForTheirOwnerAlone() throws IOException {
    Path inner = folder.resolve("a/b");
    PrivateFiles.createFolder(inner);
    assertThat(rights(inner)).isEqualTo("rwx------");
    Path file = inner.resolve("book");
    PrivateFiles.create(file);
    assertThat(rights(file)).isEqualTo("rw-------");
    Files.writeString(file, "kept");
    PrivateFiles.create(file);
    assertThat(file).as("what is there stays").hasContent("kept");
    Path open = Files.writeString(folder.resolve("open"), "");
    Files.setPosixFilePermissions(open, PosixFilePermissions.fromString("rw-r--r--"));
    PrivateFiles.protect(open);
    assertThat(rights(open)).isEqualTo("rw-------");
  }

  @Test
  void aTemporaryFolderGoesWhenItIsClosedAndNotBefore() throws IOException {
    try (TemporaryFolder one = TemporaryFolder.make(folder)) {
      Files.writeString(one.path().resolve("x"), "x");
      assertThat(rights(one.path())).isEqualTo("rwx------");
      try (TemporaryFolder other = TemporaryFolder.make(folder)) {
        assertThat(other.path()).isDirectory();
      }
      assertThat(one.path()).isDirectory();
      assertThat(names()).hasSize(1);
    }
    assertThat(names()).isEmpty();
  }

  /** One program is ended by force, another still lives: only the folder of the dead one goes. */
  @Test
  void whatAProgramThatWasEndedByForceLeftGoesWithTheNext() throws Exception {
    Process dead = program();
    Process living = program();
    try (BufferedReader saidByDead = dead.inputReader();
        BufferedReader saidByLiving = living.inputReader()) {
      Path ofDead = Path.of(saidByDead.readLine());
      Path ofLiving = Path.of(saidByLiving.readLine());
      dead.destroyForcibly().waitFor();
      assertThat(ofDead).isDirectory();
      try (TemporaryFolder own = TemporaryFolder.make(folder)) {
        assertThat(ofDead).doesNotExist();
        assertThat(ofLiving).isDirectory();
        assertThat(own.path()).isDirectory();
      }
      living.destroy();
      living.waitFor();
      assertThat(ofLiving).as("one that is asked to end clears away itself").doesNotExist();
    } finally {
      dead.destroyForcibly();
      living.destroyForcibly();
    }
  }

  private Process program() throws IOException {
    String classes =
        Stream.of(TemporaryFolder.class, PrivateFilesTest.class)
            .map(c -> c.getProtectionDomain().getCodeSource().getLocation().getPath())
            .reduce((a, b) -> a + File.pathSeparator + b)
            .orElseThrow();
    return new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-XX:TieredStopAtLevel=1",
            "-cp",
            classes,
            Waiting.class.getName(),
            folder.toString())
        .start();
  }

  private List<String> names() throws IOException {
    try (Stream<Path> all = Files.list(folder)) {
      return all.map(path -> path.getFileName().toString()).toList();
    }
  }

  /** Makes a folder, says which, and waits for its end. */
  static final class Waiting {
    private Waiting() {}

    public static void main(String[] where) throws Exception {
      System.out.println(TemporaryFolder.make(Path.of(where[0])).path());
      Thread.currentThread().join();
    }
  }
}
