package app.fret.files;

import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.UUID;

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
   * Writes a file.
   *
   * @param overwrite whether another file of that name may be replaced
   * @throws IOException with a sentence that names the file, what is wrong and what next
   */
  public static void write(Path file, boolean overwrite, Content content) throws IOException {
    try {
      if (Files.isDirectory(file)) {
        throw new IOException(file.getFileName() + " is a folder; name a file in it");
      }
      if (Files.exists(file) && !Files.isRegularFile(file)) {
        writeStraight(file, content); // a device or a pipe has nothing to keep
        return;
      }
      if (Files.exists(file, LinkOption.NOFOLLOW_LINKS) && !overwrite) {
        throw new FileAlreadyExistsException(file.toString());
      }
      writeBeside(Files.exists(file) ? file.toRealPath() : file.toAbsolutePath(), content);
    } catch (IOException e) {
      throw new IOException(words(file, e), e);
    }
  }

  private static void writeStraight(Path file, Content content) throws IOException {
    try (OutputStream out = Files.newOutputStream(file)) {
      content.writeTo(out);
    }
  }

  private static void writeBeside(Path file, Content content) throws IOException {
    Path beside = file.resolveSibling("." + file.getFileName() + "." + UUID.randomUUID() + ".part");
    try {
      try (FileOutputStream out = new FileOutputStream(beside.toFile())) {
        content.writeTo(out);
        out.flush();
        out.getFD().sync();
      }
      keepPermissions(file, beside);
      Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } finally {
      Files.deleteIfExists(beside);
    }
  }

  private static void keepPermissions(Path file, Path beside) throws IOException {
    boolean posix = Files.getFileStore(beside).supportsFileAttributeView("posix");
    if (posix && Files.exists(file)) {
      Files.setPosixFilePermissions(beside, Files.getPosixFilePermissions(file));
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
