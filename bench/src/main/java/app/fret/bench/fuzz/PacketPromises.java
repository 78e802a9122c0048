package app.fret.bench.fuzz;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.book.BookFaultException;
import app.fret.files.packet.Packet;
import app.fret.files.packet.PacketReader;
import app.fret.files.packet.PacketRejectedException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * What Fret promises of any file that calls itself a packet: all of it, or nothing and a sentence.
 */
final class PacketPromises {
  private PacketPromises() {}

  /**
   * Reads a damaged packet and, where it can be read, takes it into an empty book, twice, as a
   * player may.
   *
   * @param folder where the book may be written
   * @return what was broken; empty when nothing was
   */
  static Optional<String> broken(Path folder, byte[] bytes) throws IOException, BookException {
    try {
      Packet packet = PacketReader.read("fuzz.fretpacket", bytes);
      return taken(folder, packet);
    } catch (PacketRejectedException e) {
      return ScorePromises.isPlain(e.getMessage())
          ? Optional.empty()
          : Optional.of("does not say it plainly: " + e.getMessage());
    } catch (RuntimeException e) {
      return Optional.of("threw " + e);
    }
  }

  private static Optional<String> taken(Path folder, Packet packet)
      throws IOException, BookException {
    Path file = folder.resolve("taken.fretbook");
    for (String ending : new String[] {"", "-wal", "-shm"}) {
      Files.deleteIfExists(file.resolveSibling("taken.fretbook" + ending));
    }
    try (Book book = Book.open(file)) {
      book.take(packet);
      book.take(packet);
      return Optional.empty();
    } catch (BookFaultException e) {
      return ScorePromises.isPlain(e.getMessage())
          ? Optional.empty()
          : Optional.of("does not say it plainly: " + e.getMessage());
    }
  }
}
