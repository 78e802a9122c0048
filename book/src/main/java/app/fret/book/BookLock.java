package app.fret.book;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/**
 * Says that a book is open in this program: a lock on a small file beside it, which the system lets
 * go when the program ends, however it ends.
 */
final class BookLock implements AutoCloseable {
  private final FileChannel channel;

  private BookLock(FileChannel channel) {
    this.channel = channel;
  }

  /**
   * Takes the lock of a book.
   *
   * @return empty when another program, or another window of this one, has it
   * @throws IOException when no file can be made beside the book
   */
  static Optional<BookLock> take(Path book) throws IOException {
    Path file = book.resolveSibling("." + book.getFileName() + ".lock");
    FileChannel channel =
        FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    try {
      FileLock lock = channel.tryLock();
      if (lock != null) {
        return Optional.of(new BookLock(channel));
      }
    } catch (OverlappingFileLockException e) {
      // Another window of this program has it.
    } catch (IOException e) {
      channel.close();
      throw e;
    }
    channel.close();
    return Optional.empty();
  }

  /** The file stays: were it deleted, a program that waits would hold a lock on nothing. */
  @Override
  public void close() throws IOException {
    channel.close();
  }
}
