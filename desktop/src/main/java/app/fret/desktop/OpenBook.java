package app.fret.desktop;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.desktop.demo.DemoBook;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;

/**
 * Opens the book while the window's toolkit starts: either takes a good part of a second, and a
 * machine has two cores.
 */
final class OpenBook {
  private final FutureTask<Book> opening;

  private OpenBook(Callable<Book> opening) {
    this.opening = new FutureTask<>(opening);
  }

  /** Starts to open the book these options name. */
  static OpenBook start(LaunchOptions options, Clock clock) {
    OpenBook open =
        new OpenBook(() -> options.demo() ? DemoBook.open(clock) : Book.open(bookFile(options)));
    run("fret-book", open.opening);
    return open;
  }

  private static void run(String name, Runnable task) {
    Thread thread = new Thread(task, name);
    thread.setDaemon(true);
    thread.start();
  }

  /** The open book, as soon as it is open. */
  Book book() throws IOException, BookException {
    try {
      return opening.get();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException("the start was interrupted", e);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof BookException fault) {
        throw fault;
      }
      throw new IOException("the book cannot be opened", e.getCause());
    }
  }

  /** The player's own book, in their home folder unless another is named. */
  private static Path bookFile(LaunchOptions options) throws IOException {
    if (options.book().isPresent()) {
      return options.book().get();
    }
    Path folder = Path.of(System.getProperty("user.home"), ".fret");
    Files.createDirectories(folder);
    return folder.resolve("practice.fretbook");
  }
}
