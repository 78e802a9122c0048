package app.fret.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WholeFileTest {
  private static final WholeFile.Content NEW = out -> out.write("new".getBytes());

  @TempDir Path folder;

  @Test
  void aNewFileIsWrittenWithNothingLeftBeside() throws IOException {
    WholeFile.write(folder.resolve("part.pdf"), false, NEW);
    assertThat(folder.resolve("part.pdf")).hasContent("new");
    assertThat(names()).containsExactly("part.pdf");
  }

  @Test
  void anotherFileIsReplacedOnlyWhenAskedTo() throws IOException {
    Path file = old();
    assertThatThrownBy(() -> WholeFile.write(file, false, NEW))
        .isInstanceOf(IOException.class)
        .hasMessage(
            "part.pdf is there already; choose another name, or say --overwrite to replace it");
    assertThat(file).hasContent("old");
    WholeFile.write(file, true, NEW);
    assertThat(file).hasContent("new");
  }

  @Test
  void aDiskThatFillsHalfwayLeavesTheOldFile() throws IOException {
    Path file = old();
    WholeFile.Content half =
        out -> {
          out.write('n');
          throw new IOException("No space left on device");
        };
    assertThatThrownBy(() -> WholeFile.write(file, true, half))
        .hasMessage(
            "part.pdf cannot be written: the disk is full; make room or choose another folder");
    assertThat(file).hasContent("old");
    assertThat(names()).containsExactly("part.pdf");
  }

  /** A real limit on the size of files, in a process of its own. */
  @Test
  void aLimitOnTheSizeOfFilesIsTakenAsAFullDisk() throws Exception {
    Path file = old();
    Process limited =
        new ProcessBuilder(
                "bash",
                "-c",
                "ulimit -f 16; exec \"$0\" -XX:TieredStopAtLevel=1 -XX:-UsePerfData -cp \"$1\" \"$2\" \"$3\"",
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                Stream.of(WholeFile.class, WholeFileTest.class)
                    .map(c -> c.getProtectionDomain().getCodeSource().getLocation().getPath())
                    .reduce((a, b) -> a + File.pathSeparator + b)
                    .orElseThrow(),
                Large.class.getName(),
                file.toString())
            .redirectErrorStream(true)
            .start();
    String said = new String(limited.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(limited.waitFor()).as(said).isEqualTo(3);
    assertThat(said).contains("part.pdf cannot be written: the disk is full");
    assertThat(file).hasContent("old");
    assertThat(names()).containsExactly("part.pdf");
  }

  @Test
  void aFileThatIsReplacedKeepsItsPermissionsAndItsLink() throws IOException {
    Path file = old();
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-r-----"));
    Path link = Files.createSymbolicLink(folder.resolve("link.pdf"), file);
    WholeFile.write(link, true, NEW);
    assertThat(link).isSymbolicLink();
    assertThat(file).hasContent("new");
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
        .isEqualTo("rw-r-----");
  }

  @Test
  void foldersAndMissingFoldersAreNamedAsWhatTheyAre() {
    assertThatThrownBy(() -> WholeFile.write(folder, true, NEW))
        .hasMessageEndingWith(" is a folder; name a file in it");
    assertThatThrownBy(() -> WholeFile.write(folder.resolve("no/part.pdf"), true, NEW))
        .hasMessage(
            "part.pdf cannot be written: its folder is not there; make it or choose another");
  }

  @Test
  void ofSeveralFilesAllAreWrittenOrNone() throws IOException {
    Path first = old();
    Path second = folder.resolve("new.ics");
    WholeFile.Content full =
        out -> {
          throw new IOException("No space left on device");
        };
    assertThatThrownBy(
            () ->
                WholeFile.writeAll(
                    List.of(
                        new WholeFile.Output(first, NEW),
                        new WholeFile.Output(second, NEW),
                        new WholeFile.Output(folder.resolve("last.csv"), full)),
                    true))
        .hasMessageStartingWith("last.csv cannot be written: the disk is full");
    assertThat(first).hasContent("old");
    assertThat(names()).containsExactly("part.pdf");
    WholeFile.writeAll(
        List.of(new WholeFile.Output(first, NEW), new WholeFile.Output(second, NEW)), true);
    assertThat(first).hasContent("new");
    assertThat(second).hasContent("new");
    assertThat(names()).containsExactly("new.ics", "part.pdf");
  }

  /** A folder that turns up in the place of the second file after all were made whole. */
  @Test
  void whenALaterOneCannotTakeItsPlaceTheEarlierAreAsTheyWere() throws IOException {
    Path first = old();
    Path second = folder.resolve("second");
    WholeFile.Content makesFolder =
        out -> {
          out.write('n');
          Files.createDirectories(second.resolve("inside"));
        };
    assertThatThrownBy(
            () ->
                WholeFile.writeAll(
                    List.of(
                        new WholeFile.Output(first, NEW),
                        new WholeFile.Output(second, makesFolder)),
                    true))
        .isInstanceOf(IOException.class);
    assertThat(first).hasContent("old");
    assertThat(names()).containsExactly("part.pdf", "second");
  }

  private Path old() throws IOException {
    return Files.writeString(folder.resolve("part.pdf"), "old");
  }

  private List<String> names() throws IOException {
    try (Stream<Path> all = Files.list(folder)) {
      return all.map(path -> path.getFileName().toString()).sorted().toList();
    }
  }

  /** Writes more than the limit of its process allows. */
  static final class Large {
    private static final byte[] BLOCK = new byte[4096];

    private Large() {}

    /** Ends with 3 when the write was refused in words. */
    public static void main(String[] file) {
      try {
        WholeFile.write(Path.of(file[0]), true, Large::fill);
      } catch (IOException e) {
        System.out.println(e.getMessage());
        System.exit(3);
      }
    }

    private static void fill(OutputStream out) throws IOException {
      for (int i = 0; i < 64; i++) {
        out.write(BLOCK);
      }
    }
  }
}
