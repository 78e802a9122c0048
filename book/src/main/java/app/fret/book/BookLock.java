package app.fret.book;

import app.fret.files.PrivateFiles;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Says that a book is open in this program: a lock on a small file beside it, which the system lets
 * go when the program ends, however it ends.
 */
final class BookLock implements AutoCloseable {
  /** Files that this program holds: to open and close one of them again would let its lock go. */
  private static final Set<Path> HELD = ConcurrentHashMap.newKeySet();

  private final FileChannel channel;
  private final Path file;

  private BookLock(FileChannel channel, Path file) {
    this.channel = channel;
    this.file = file;
  }

  /**
   * Takes the lock of a book.
   *
   * @return empty when another program, or another window of this one, has it
   * @throws IOException when no file can be made beside the book
   */
  static Optional<BookLock> take(Path book) throws IOException {
    Path named = book.resolveSibling("." + book.getFileName() + ".lock");
    PrivateFiles.create(named);
    Path file = named.toRealPath();
    if (!HELD.add(file)) {
      return Optional.empty();
    }
    FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE);
    try {
      if (channel.tryLock() != null) {
        return Optional.of(new BookLock(channel, file));
      }
    } catch (IOException e) {
      letGo(channel, file);
      throw e;
    }
    letGo(channel, file);
    return Optional.empty();
  }

  private static void letGo(FileChannel channel, Path file) throws IOException {
    HELD.remove(file);
    channel.close();
  }

  /** The file stays: were it deleted, a program that waits would hold a lock on nothing. */
  @Override
  public void close() throws IOException {
    letGo(channel, file);
  }
}
