package app.fret.book;

import app.fret.instrument.PlayerSetup;
import java.nio.file.Path;

/** A process of its own that opens a book, adds a player, says so, and keeps the book open. */
final class BookHolder {
  private BookHolder() {}

  public static void main(String[] args) throws InterruptedException {
    try (Book book = Book.open(Path.of(args[0]))) {
      book.addPlayer("added by the other", PlayerSetup.usual("cello"));
      System.out.println("open");
      System.out.flush();
      Thread.currentThread().join();
    } catch (BookException e) {
      System.out.println(e.getMessage());
    }
  }
}
