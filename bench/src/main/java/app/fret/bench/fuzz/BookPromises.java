package app.fret.bench.fuzz;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.book.BookFaultException;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;

/** What Fret promises of any file that calls itself a practice book. */
final class BookPromises {
  private BookPromises() {}

  /**
   * Opens a damaged book and reads all of it.
   *
   * @param folder where it may be written; left as it was
   * @return what was broken; empty when nothing was
   */
  static Optional<String> broken(Path folder, byte[] bytes) throws IOException {
    Path file = folder.resolve("fuzz.fretbook");
    for (String ending : new String[] {"", "-wal", "-shm"}) {
      Files.deleteIfExists(file.resolveSibling("fuzz.fretbook" + ending));
    }
    Files.write(file, bytes);
    try (Book book = Book.open(file)) {
      for (BookPlayer player : book.players().rows()) {
        for (BookPassage passage : book.passages(player.id()).rows()) {
          book.score(passage.id());
          book.choices(passage.id());
          book.log(passage.id());
        }
        book.packet(player.id());
      }
      return Optional.empty();
    } catch (BookException e) {
      boolean same = Arrays.equals(Files.readAllBytes(file), bytes);
      return !same
          ? Optional.of("was refused and changed: " + e.getMessage())
          : plain(e.getMessage());
    } catch (BookFaultException e) {
      return plain(e.getMessage());
    } catch (RuntimeException e) {
      return Optional.of("threw " + e);
    }
  }

  private static Optional<String> plain(String message) {
    return ScorePromises.isPlain(message)
        ? Optional.empty()
        : Optional.of("does not say it plainly: " + message);
  }
}
