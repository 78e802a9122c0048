package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.packet.Packet;
import app.fret.instrument.PlayerSetup;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The marks of the last plan hold until something changes that it followed from. */
class LastPlansTest {
  private static final String MARKS = "0-1\nfinger=1 string=3\nfinger=2";

  @TempDir private Path folder;

  private Book book;
  private long player;
  private long passage;

  @BeforeEach
  void openBook() throws BookException {
    book = Book.open(folder.resolve("plans.fretbook"));
    player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
    passage = book.addPassage(BookTest.passage(player, "Study")).id();
    book.keepLastPlan(passage, MARKS);
  }

  @AfterEach
  void closeBook() {
    book.close();
  }

  @Test
  void theyAreKeptFromOneStartToTheNext() throws BookException {
    book.close();
    book = Book.open(folder.resolve("plans.fretbook"));
    assertThat(book.lastPlan(passage)).contains(MARKS);
  }

  @Test
  void newOnesTakeTheirPlace() {
    book.keepLastPlan(passage, "0-2\nfinger=3\nfinger=4");
    assertThat(book.lastPlan(passage)).contains("0-2\nfinger=3\nfinger=4");
  }

  @Test
  void anotherTargetMakesThemUseless() {
    Choices before = book.choices(passage).choices();
    Tempo faster = before.target().at(before.target().perMinute() + 10);
    book.keepChoices(passage, before, before.withTarget(faster));
    assertThat(book.lastPlan(passage)).isEmpty();
  }

  @Test
  void anotherHandMakesThemUseless() {
    book.keepSetup(player, PlayerSetup.of("violin", 60, 328));
    assertThat(book.lastPlan(passage)).isEmpty();
  }

  @Test
  void mendedMusicMakesThemUseless() {
    book.keepEdited(passage, Optional.of(new Packet.Mended(new byte[] {1}, Optional.empty())));
    assertThat(book.lastPlan(passage)).isEmpty();
  }
}
