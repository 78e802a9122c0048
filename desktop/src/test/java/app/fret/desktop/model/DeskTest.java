package app.fret.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.spy;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The open book's model without a window, on a real book file. */
class DeskTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-20T16:00:00Z"), ZoneOffset.UTC);

  @TempDir private Path folder;
  private Book book;
  private Desk desk;

  @BeforeEach
  void openBook() throws BookException {
    book = Book.open(folder.resolve("desk.fretbook"));
    desk = new Desk(book, CLOCK, Runnable::run, Runnable::run);
  }

  @AfterEach
  void closeBook() {
    book.close();
  }

  private Path score(String words) throws IOException {
    Path file = folder.resolve("study.musicxml");
    try (OutputStream out = Files.newOutputStream(file)) {
      new MusicXmlWriter().write(Music.passage(words), out);
    }
    return file;
  }

  private ImportOffer offer(String words) throws IOException {
    List<ImportOffer> offers = new ArrayList<>();
    desk.offer(score(words), offers::add);
    return offers.get(0);
  }

  private static ImportChoice forNewPlayer(int firstBar, int lastBar) {
    return new ImportChoice(
        "Study in C",
        0,
        firstBar,
        lastBar,
        Optional.empty(),
        "Oda Merrin",
        "violin",
        new Tempo(BeatUnit.QUARTER, 100),
        Optional.of(LocalDate.of(2027, 1, 9)));
  }

  @Test
  void anAddedPassageIsInTheProgrammeAndOnTheDesk() throws IOException {
    desk.add(offer("C5/1 | D5/1 | E5/1"), forNewPlayer(1, 2));
    assertThat(desk.programme()).hasSize(1);
    ProgrammeEntry entry = desk.programme().get(0);
    assertThat(entry.bars()).isEqualTo(2);
    assertThat(entry.owner().name()).isEqualTo("Oda Merrin");
    PassageDesk open = desk.openProperty().get().orElseThrow();
    assertThat(open.study().passage().title()).isEqualTo("Study in C");
    assertThat(open.study().notes()).hasSize(2);
    assertThat(desk.today()).isEqualTo(LocalDate.of(2026, 11, 20));
  }

  @Test
  void theProgrammeFollowsTheLog() throws IOException {
    desk.add(offer("C5/1 | D5/1"), forNewPlayer(0, 1));
    PassageDesk open = desk.openProperty().get().orElseThrow();
    for (int pass = 0; pass < 3; pass++) {
      open.perform(Command.CLEAN);
    }
    assertThat(desk.programme().get(0).progress()).isEqualTo(0.5);
    Desk reopened = new Desk(book, CLOCK, Runnable::run, Runnable::run);
    assertThat(reopened.programme()).isEqualTo(desk.programme());
  }

  @Test
  void aSecondPassageCanGoToTheSamePlayer() throws IOException {
    ImportOffer offer = offer("C5/1 | D5/1");
    desk.add(offer, forNewPlayer(0, 1));
    ImportChoice first = forNewPlayer(0, 0);
    desk.add(
        offer,
        new ImportChoice(
            "Again",
            first.part(),
            first.firstBar(),
            first.lastBar(),
            Optional.of(desk.players().get(0)),
            "",
            "violin",
            first.target(),
            Optional.empty()));
    assertThat(desk.players()).hasSize(1);
    assertThat(desk.programme())
        .extracting(e -> e.passage().title())
        .containsExactly("Study in C", "Again");
  }

  @Test
  void aFileThatCannotBeReadIsAFaultInWords() {
    desk.offer(folder.resolve("nowhere.musicxml"), offer -> {});
    assertThat(desk.faultProperty().get()).contains("nowhere.musicxml: there is no such file");
    desk.faultRead();
    assertThat(desk.faultProperty().get()).isEmpty();
  }

  @Test
  void aPassageOutOfRangeIsAFaultAndStaysOut() throws IOException {
    desk.add(offer("C5/1 | C3/1"), forNewPlayer(0, 1));
    assertThat(desk.faultProperty().get().orElseThrow()).contains("bar 2: C3 lies below");
    assertThat(desk.programme()).isEmpty();
    assertThat(book.players()).isEmpty();
  }

  @Test
  void aFolderThatIsNotThereIsAFaultInWords() throws IOException {
    desk.add(offer("C5/1"), forNewPlayer(0, 0));
    desk.writeMarked(folder.resolve("none/marked.musicxml"), written -> {});
    assertThat(desk.faultProperty().get())
        .contains("marked.musicxml cannot be written there; choose another folder.");
  }

  @Test
  void aMistakeOfTheProgramIsSaidAndNothingIsLost() throws IOException {
    desk.add(offer("C5/1"), forNewPlayer(0, 0));
    Book failing = spy(book);
    doThrow(new IllegalStateException("disk on fire")).when(failing).score(anyLong());
    Desk unlucky = new Desk(failing, CLOCK, Runnable::run, Runnable::run);
    unlucky.open(unlucky.programme().get(0));
    assertThat(unlucky.faultProperty().get().orElseThrow())
        .startsWith("Fret made a mistake of its own (IllegalStateException).")
        .doesNotContain("disk on fire");
    assertThat(unlucky.openProperty().get()).isEmpty();
  }
}
