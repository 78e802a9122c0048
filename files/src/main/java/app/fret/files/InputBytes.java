package app.fret.files;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/** Reads files that were named by a player, up to a limit: a device without end ends there, too. */
public final class InputBytes {
  private static final int MEGABYTE = 1024 * 1024;

  private InputBytes() {}

  /** A file cannot be read; the message says why, without its name. */
  public static final class UnreadableException extends Exception {
    private static final long serialVersionUID = 1;

    UnreadableException(String words) {
      super(words);
    }
  }

  /**
   * Reads a whole file.
   *
   * @param mostBytes how large it may be
   * @throws UnreadableException when there is none, it is a folder, too large or not to be read
   */
  public static byte[] of(Path file, int mostBytes) throws UnreadableException {
    if (file.toString().isBlank()) {
      throw new UnreadableException("the name of the file is empty");
    }
    if (Files.isDirectory(file)) {
      throw new UnreadableException("it is a folder");
    }
    if (!Files.exists(file)) {
      throw new UnreadableException("there is no such file");
    }
    try (InputStream in = Files.newInputStream(file)) {
      return limited(in, mostBytes);
    } catch (IOException e) {
      throw new UnreadableException("it cannot be read from disk; may you read it?");
    }
  }

  /**
   * Reads a stream to its end.
   *
   * @throws UnreadableException when it holds more
   */
  public static byte[] limited(InputStream in, int mostBytes)
      throws IOException, UnreadableException {
    byte[] bytes = in.readNBytes(mostBytes + 1);
    if (bytes.length > mostBytes) {
      throw new UnreadableException("it is larger than " + mostBytes / MEGABYTE + " MB");
    }
    return bytes;
  }
}
