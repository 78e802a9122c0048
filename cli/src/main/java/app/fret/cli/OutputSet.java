package app.fret.cli;

import app.fret.files.WholeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * The files that one command writes: none is one of its inputs or another of them, and all are
 * written or none.
 */
final class OutputSet {
  private final boolean overwrite;
  private final List<Path> inputs = new ArrayList<>();
  private final List<WholeFile.Output> outputs = new ArrayList<>();

  OutputSet(boolean overwrite) {
    this.overwrite = overwrite;
  }

  /** A file that the command reads. */
  OutputSet reads(Path input) {
    inputs.add(input);
    return this;
  }

  /**
   * A file that is to be written.
   *
   * @param option the option that names it, for the message
   * @throws IllegalArgumentException when it is an input or another output
   */
  OutputSet add(String option, Path file, WholeFile.Content content) {
    if (inputs.stream().anyMatch(input -> isSame(input, file))) {
      throw new IllegalArgumentException(
          option
              + file.getFileName()
              + " is a file that this command reads, which is never replaced; choose another name");
    }
    if (outputs.stream().anyMatch(other -> isSame(other.file(), file))) {
      throw new IllegalArgumentException(
          option + file.getFileName() + " is written to already; choose another name");
    }
    outputs.add(new WholeFile.Output(file, content));
    return this;
  }

  /** Whether two names mean one file, even one that is not there yet. */
  private static boolean isSame(Path one, Path other) {
    try {
      return Files.exists(one) && Files.exists(other)
          ? Files.isSameFile(one, other)
          : settled(one).equals(settled(other));
    } catch (IOException e) {
      return one.toAbsolutePath().normalize().equals(other.toAbsolutePath().normalize());
    }
  }

  private static Path settled(Path file) throws IOException {
    Path absolute = file.toAbsolutePath();
    Path folder = absolute.getParent();
    return folder != null && Files.isDirectory(folder)
        ? folder.toRealPath().resolve(absolute.getFileName())
        : absolute.normalize();
  }

  /** Writes all of them, or none when one cannot be written. */
  void write() throws IOException {
    WholeFile.writeAll(outputs, overwrite);
  }
}
