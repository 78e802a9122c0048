package app.fret.desktop.model;

import app.fret.book.Book;
import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Workers;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** A desk over the demo book on a fixed day, all work on the test's thread. */
public abstract class OverDemo {
  protected static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-26T08:30:00Z"), ZoneOffset.UTC);

  private final int first;
  protected Book book;
  protected Desk desk;

  /**
   * A desk with a passage on it.
   *
   * @param first its place in the programme, from 0
   */
  protected OverDemo(int first) {
    this.first = first;
  }

  @BeforeEach
  void openDemo() throws Exception {
    book = DemoBook.open(CLOCK);
    desk = new Desk(book, CLOCK, Workers.inline());
    desk.open(desk.programme().get(first));
  }

  @AfterEach
  void closeDemo() {
    desk.close();
  }

  protected PassageDesk passage() {
    return desk.openProperty().get().orElseThrow();
  }
}
