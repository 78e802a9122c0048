package app.fret.book;

import app.fret.instrument.PlayerSetup;
import java.nio.file.Path;
import java.time.Instant;
import java.util.OptionalDouble;

/**
 * Programs of their own that do one thing to a book until they are killed, and say what is kept.
 */
final class Victims {
  private Victims() {}

  /** What a victim does: {@code write}, {@code make} or {@code open}, to which file. */
  public static void main(String[] args) throws BookException {
    Path file = Path.of(args[1]);
    say("ready");
    switch (args[0]) {
      case "write" -> write(file);
      case "make" -> make(file);
      default -> open(file);
    }
  }

  private static void say(Object what) {
    System.out.println(what);
    System.out.flush();
  }

  /** Passes into the log without end, each said once it is kept. */
  private static void write(Path file) throws BookException {
    Book book = Book.open(file);
    for (int i = 1; ; i++) {
      book.addToLog(
          new LogEntry(
              1,
              Instant.ofEpochSecond(i),
              BookTest.TARGET.at(60 + i % 60),
              OptionalDouble.of(30),
              i % 3 != 0));
      say(i);
    }
  }

  /** A book that is not there yet, and its first player. */
  private static void make(Path file) throws BookException {
    Book book = Book.open(file);
    book.addPlayer("first", PlayerSetup.usual("violin"));
    say("made");
    waitForTheEnd();
    book.close();
  }

  /** A book of an older version, brought up to date. */
  private static void open(Path file) throws BookException {
    Book book = Book.open(file);
    say("open");
    waitForTheEnd();
    book.close();
  }

  private static void waitForTheEnd() {
    try {
      Thread.currentThread().join();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
