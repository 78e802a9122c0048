package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.book.LogEntry;
import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.ProgrammeEntry;
import app.fret.desktop.model.work.Workers;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;
import app.fret.study.Study;
import java.io.IOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
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
    return book.players().rows().stream()
        .flatMap(p -> book.passages(p.id()).rows().stream())
        .toList();
  }

  @Test
  void fourPlayersHaveTwoOrMorePassagesWithADate() {
    assertThat(book.players().rows())
        .extracting(BookPlayer::instrument)
        .containsExactly("violin", "viola", "cello", "bass");
    assertThat(book.players().rows()).allMatch(p -> book.passages(p.id()).rows().size() >= 2);
    assertThat(passages()).allMatch(p -> p.dueOn().orElseThrow().isAfter(TODAY));
  }

  /** Every hand shape that is taught is somewhere in the demo; common practice, no source. */
  @Test
  void theMusicUsesEveryKindOfHandShape() {
    Desk desk = new Desk(book, CLOCK, Workers.inline());
    Set<String> frames = new TreeSet<>();
    Set<String> kinds = new TreeSet<>();
    for (ProgrammeEntry entry : List.copyOf(desk.programme())) {
      desk.open(entry);
      Study study = desk.openProperty().get().orElseThrow().study();
      for (LeftHandPlan.NotePlan note : study.leftHand().notes()) {
        Placement placement = note.placement();
        frames.add(placement.usesHand() ? placement.frame().name() : "waiting");
        kinds.add(kind(placement));
      }
    }
    assertThat(frames)
        .contains("letters", "closed", "extended-forward", "neck-124", "thumb-major", "waiting");
    assertThat(kinds).contains("bar", "chord", "double stop", "harmonic", "open", "stopped");
  }

  private static String kind(Placement placement) {
    if (placement.onlyTouches()) {
      return "harmonic";
    }
    long fingers =
        placement.stops().stream()
            .filter(s -> s.finger() != Finger.OPEN)
            .map(Stop::finger)
            .distinct()
            .count();
    if (placement.pressed() > fingers) {
      return "bar";
    }
    return switch (placement.stops().size()) {
      case 1 -> placement.usesHand() ? "stopped" : "open";
      case 2 -> "double stop";
      default -> "chord";
    };
  }

  @Test
  void theLogTellsOfWeeksUpToYesterday() {
    for (BookPassage passage : passages()) {
      List<LogEntry> log = book.log(passage.id()).rows();
      assertThat(log.size()).isGreaterThan(12);
      Instant first = log.get(0).at();
      Instant last = log.get(log.size() - 1).at();
      assertThat(last).isBefore(CLOCK.instant()).isAfter(CLOCK.instant().minusSeconds(2 * 86400));
      assertThat(first).isBefore(CLOCK.instant().minusSeconds(14 * 86400));
    }
  }

  @Test
  void everyPassageOpensWithAWholePlan() {
    Desk desk = new Desk(book, CLOCK, Workers.inline());
    int shifting = 0;
    for (ProgrammeEntry entry : List.copyOf(desk.programme())) {
      desk.open(entry);
      assertThat(desk.faultProperty().get()).isEmpty();
      PassageDesk open = desk.openProperty().get().orElseThrow();
      Study study = open.study();
      assertThat(study.leftHand().leftOut()).isEmpty();
      assertThat(study.leftHand().notes()).hasSameSizeAs(study.notes()).isNotEmpty();
      assertThat(open.opened().skipped()).isEmpty();
      assertThat(entry.progress()).isBetween(0.5, 1.0);
      shifting += study.leftHand().shifts().isEmpty() ? 0 : 1;
    }
    assertThat(shifting).as("most passages show a shift").isGreaterThan(5);
  }

  @Test
  void theFastPassageReachesFifthPosition() {
    Desk desk = new Desk(book, CLOCK, Workers.inline());
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
    Desk desk = new Desk(book, CLOCK, Workers.inline());
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
