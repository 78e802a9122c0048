package app.fret.book;

import java.nio.file.Path;
import java.time.Instant;
import java.util.OptionalDouble;

/** A process of its own that writes log entries without end and says each once it is kept. */
final class LogWriter {
  private LogWriter() {}

  public static void main(String[] args) throws BookException {
    Book book = Book.open(Path.of(args[0]));
    long passage = Long.parseLong(args[1]);
    for (int i = 1; ; i++) {
      book.addToLog(
          new LogEntry(
              passage,
              Instant.ofEpochSecond(i),
              BookTest.TARGET.at(60 + i % 60),
              OptionalDouble.of(30),
              i % 3 != 0));
      System.out.println(i);
      System.out.flush();
    }
  }
}
