package app.fret.cli;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;

/** The name of a file that a command is to write. */
final class OutputName {
  private OutputName() {}

  /**
   * The file of a name.
   *
   * @throws IllegalArgumentException when no file can be called so
   */
  static Path of(String name) {
    try {
      Path file = Path.of(name);
      if (!name.isBlank() && file.getFileName() != null) {
        return file;
      }
    } catch (InvalidPathException e) {
      // The same words serve.
    }
    throw new IllegalArgumentException("no file can be written under this name");
  }
}
