package app.fret.desktop;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.work.Workers;
import app.fret.desktop.sound.SoundPlayer;
import app.fret.files.PrivateFiles;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.function.Consumer;

/**
 * Opens the book and its first passage while the window's toolkit starts: either takes a good part
 * of a second, and a machine has two cores.
 */
final class OpenDesk {
  private final CompletableFuture<Desk> opening = new CompletableFuture<>();

  private OpenDesk(Callable<Desk> work) {
    Thread thread = new Thread(() -> open(work), "fret-open");
    thread.setDaemon(true);
    thread.start();
  }

  private void open(Callable<Desk> work) {
    try {
      opening.complete(work.call());
    } catch (Exception | Error e) {
      // Whoever asks for the desk hears of it.
      opening.completeExceptionally(e);
    }
  }

  /**
   * Starts to open the book these options name.
   *
   * @param ui runs changes of what is seen
   * @param mistakes writes down what went wrong by the program's own fault
   */
  static OpenDesk start(
      LaunchOptions options, Clock clock, Executor ui, Consumer<Throwable> mistakes) {
    return new OpenDesk(
        () -> {
          Book book = options.demo() ? DemoBook.open(clock) : Book.open(made(file(options)));
          Desk desk = new Desk(book, clock, Workers.threads(ui, mistakes), SoundPlayer.onDevice());
          desk.programme().stream().findFirst().ifPresent(desk::open);
          return desk;
        });
  }

  /** Runs a task once the book is open or is known not to open. */
  void whenOpen(Runnable task, Executor executor) {
    opening.whenCompleteAsync((desk, fault) -> task.run(), executor);
  }

  /**
   * The desk over the open book, as soon as it is open; its first passage may still be on its way.
   *
   * @throws BookException when the file is no book that can be used
   * @throws IOException when a folder cannot be made, with a sentence
   */
  Desk desk() throws IOException, BookException {
    try {
      return opening.get();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException("the start was interrupted", e);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof BookException fault) {
        throw fault;
      }
      if (e.getCause() instanceof IOException fault) {
        throw fault;
      }
      throw new IllegalStateException(e.getCause());
    }
  }

  /** The player's own book, in their home folder unless another is named. */
  static Path file(LaunchOptions options) {
    return options.book().orElse(ownFolder().resolve("practice.fretbook"));
  }

  private static Path ownFolder() {
    return Path.of(System.getProperty("user.home"), ".fret");
  }

  private static Path made(Path file) throws IOException {
    Path folder = file.toAbsolutePath().getParent();
    try {
      PrivateFiles.createFolder(folder);
      if (folder.equals(ownFolder())) {
        PrivateFiles.protect(folder); // an older Fret made it for all to read
      }
      return file;
    } catch (IOException e) {
      throw new IOException(
          "the folder "
              + folder
              + " cannot be made; open a book where you may write, with ./fret open --book BOOK",
          e);
    }
  }
}
