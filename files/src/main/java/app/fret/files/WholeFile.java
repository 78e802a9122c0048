package app.fret.files;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Writes a file whole or not at all: beside its place under another name, then renamed. Whatever
 * goes wrong, a file that was there stays as it was.
 */
public final class WholeFile {
  private WholeFile() {}

  /** Puts the content of a file into a stream. */
  @FunctionalInterface
  public interface Content {
    /** Writes all of it; the stream is closed by the caller. */
    void writeTo(OutputStream out) throws IOException;
  }

  /**
   * A file that is to be written.
   *
   * @param file where
   * @param content what
   */
  public record Output(Path file, Content content) {}

  /**
   * Writes a file.
   *
   * @param overwrite whether another file of that name may be replaced
   * @throws IOException with a sentence that names the file, what is wrong and what next
   */
  public static void write(Path file, boolean overwrite, Content content) throws IOException {
    writeAll(List.of(new Output(file, content)), overwrite);
  }

  /**
   * Writes several files, all or none: each is made whole beside its place before the first takes
   * it, and when one cannot, those that did are put back as they were.
   *
   * @param overwrite whether other files of their names may be replaced
   * @throws IOException with a sentence that names the file, what is wrong and what next
   */
  public static void writeAll(List<Output> outputs, boolean overwrite) throws IOException {
    List<Staged> staged = new ArrayList<>();
    try {
      for (Output output : outputs) {
        said(output.file(), () -> staged.add(Staged.of(output, overwrite)));
      }
      for (Staged one : staged) {
        said(one.file(), () -> one.settle(staged.size() > 1));
      }
      staged.forEach(Staged::forgetOld);
    } catch (IOException e) {
      for (Staged one : staged) {
        one.putBack();
      }
      throw e;
    } finally {
      staged.forEach(Staged::clearAway);
    }
  }

  /** Something with a file that can fail. */
  private interface Step {
    void run() throws IOException;
  }

  private static void said(Path file, Step step) throws IOException {
    try {
      step.run();
    } catch (IOException e) {
      throw new IOException(words(file, e), e);
    }
  }

  /** What went wrong, in words for a player. */
  private static String words(Path file, IOException fault) {
    String name = PlainWords.quoted(String.valueOf(file.getFileName()));
    if (isDiskFull(fault)) {
      return name + " cannot be written: the disk is full; make room or choose another folder";
    }
    if (fault instanceof FileAlreadyExistsException) {
      return name + " is there already; choose another name, or say --overwrite to replace it";
    }
    Path folder = file.toAbsolutePath().getParent();
    if (fault instanceof NoSuchFileException || folder == null || !Files.isDirectory(folder)) {
      return name + " cannot be written: its folder is not there; make it or choose another";
    }
    if (fault instanceof AccessDeniedException || !Files.isWritable(folder)) {
      return name + " cannot be written: its folder may not be changed; choose another";
    }
    String message = fault.getMessage();
    return message != null && message.startsWith(String.valueOf(file.getFileName()))
        ? message
        : name + " cannot be written there; choose another folder";
  }

  /**
   * Whether a write failed for want of room: on the disk, in a quota, or by a limit on its size.
   */
  public static boolean isDiskFull(Throwable fault) {
    for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
      String message = String.valueOf(cause.getMessage());
      if (message.contains("No space left on device")
          || message.contains("Disk quota exceeded")
          || message.contains("File too large")) {
        return true;
      }
    }
    return false;
  }
}
