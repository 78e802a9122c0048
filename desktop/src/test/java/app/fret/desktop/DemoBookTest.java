package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.book.LogEntry;
import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.PassageDesk;
import app.fret.desktop.model.ProgrammeEntry;
import app.fret.study.Study;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class DemoBookTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 2, 3);
  private static final Clock CLOCK =
      Clock.fixed(TODAY.atStartOfDay().toInstant(ZoneOffset.UTC), ZoneOffset.UTC);

  private Book book;

  @BeforeEach
  void open() throws IOException, BookException {
    book = DemoBook.open(CLOCK);
  }

  @AfterEach
  void close() {
    book.close();
  }

  private List<BookPassage> passages() {
    BookPlayer violinist = book.players().get(0);
    return book.passages(violinist.id());
  }

  @Test
  void aViolinistHasAFastAndASlowPassageWithADate() {
    assertThat(passages()).hasSize(2);
    assertThat(passages())
        .allMatch(p -> p.dueOn().orElseThrow().isAfter(TODAY))
        .allMatch(p -> p.cut().lastBar() >= 15);
  }

  @Test
  void theLogTellsOfWeeksUpToYesterday() {
    for (BookPassage passage : passages()) {
      List<LogEntry> log = book.log(passage.id());
      assertThat(log.size()).isGreaterThan(15);
      Instant first = log.get(0).at();
      Instant last = log.get(log.size() - 1).at();
      assertThat(last).isBefore(CLOCK.instant()).isAfter(CLOCK.instant().minusSeconds(2 * 86400));
      assertThat(first).isBefore(CLOCK.instant().minusSeconds(14 * 86400));
    }
  }

  @Test
  void everyPassageOpensWithAWholePlan() {
    Desk desk = new Desk(book, CLOCK, Runnable::run, Runnable::run);
    for (ProgrammeEntry entry : List.copyOf(desk.programme())) {
      desk.open(entry);
      assertThat(desk.faultProperty().get()).isEmpty();
      PassageDesk open = desk.openProperty().get().orElseThrow();
      Study study = open.study();
      assertThat(study.leftHand().leftOut()).isEmpty();
      assertThat(study.leftHand().shifts()).isNotEmpty();
      assertThat(open.opened().skipped()).isEmpty();
      assertThat(entry.progress()).isBetween(0.5, 1.0);
    }
  }

  @Test
  void theFastPassageReachesFifthPosition() {
    Desk desk = new Desk(book, CLOCK, Runnable::run, Runnable::run);
    desk.open(desk.programme().get(0));
    Study study = desk.openProperty().get().orElseThrow().study();
    assertThat(study.notes().size()).isGreaterThan(200);
    assertThat(study.leftHand().totals().highest().orElseThrow().hand())
        .as("fifth position begins at base 8")
        .isGreaterThanOrEqualTo(8);
    assertThat(study.leftHand().totals().crossings()).isGreaterThan(50);
  }

  @Test
  void theSlowPassageHasALeapOfTwoOctaves() {
    Desk desk = new Desk(book, CLOCK, Runnable::run, Runnable::run);
    desk.open(desk.programme().get(1));
    Study study = desk.openProperty().get().orElseThrow().study();
    int widest = 0;
    for (int i = 1; i < study.notes().size(); i++) {
      int here = study.notes().get(i).notes().get(0).written().semitone();
      int before = study.notes().get(i - 1).notes().get(0).written().semitone();
      widest = Math.max(widest, Math.abs(here - before));
    }
    assertThat(widest).isGreaterThanOrEqualTo(24);
  }
}
