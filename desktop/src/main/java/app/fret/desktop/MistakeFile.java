package app.fret.desktop;

import app.fret.files.PrivateFiles;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.function.Consumer;

/**
 * Where mistakes of the program's own are written down, for whoever mends it: a file beside the
 * book, or in the folder for temporary files where that cannot be written.
 */
final class MistakeFile implements Consumer<Throwable> {
  private static final String NAME = "fret-mistakes.log";

  /** A file that has grown larger is begun anew, in bytes. */
  private static final long MOST_BYTES = 1_000_000;

  private final Path beside;
  private final Clock clock;

  /**
   * A file in a folder.
   *
   * @param folder the folder of the book
   */
  MistakeFile(Path folder, Clock clock) {
    this.beside = folder.resolve(NAME);
    this.clock = clock;
  }

  /** Writes a mistake down; where no file can be written there is nothing left to do. */
  @Override
  public synchronized void accept(Throwable mistake) {
    StringWriter text = new StringWriter();
    text.append(clock.instant().toString()).append(' ');
    mistake.printStackTrace(new PrintWriter(text));
    if (!write(beside, text.toString())) {
      write(Path.of(System.getProperty("java.io.tmpdir")).resolve(NAME), text.toString());
    }
  }

  private static boolean write(Path file, String text) {
    try {
      if (Files.exists(file) && Files.size(file) > MOST_BYTES) {
        Files.delete(file);
      }
      PrivateFiles.create(file);
      Files.writeString(file, text, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
      return true;
    } catch (IOException e) {
      return false;
    }
  }
}
