package app.fret.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doCallRealMethod;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.spy;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.book.BookPassage;
import app.fret.desktop.model.exchange.ImportChoice;
import app.fret.desktop.model.exchange.ImportOffer;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.ProgrammeEntry;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Workers;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.files.scores.ScoreFiles;
import app.fret.lefthand.PinAt;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.testing.Music;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
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
    desk = new Desk(book, CLOCK, Workers.inline());
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
    desk.imports().offer(score(words), offers::add);
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
    desk.imports().add(offer("C5/1 | D5/1 | E5/1"), forNewPlayer(1, 2));
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
    desk.imports().add(offer("C5/1 | D5/1"), forNewPlayer(0, 1));
    PassageDesk open = desk.openProperty().get().orElseThrow();
    for (int pass = 0; pass < 3; pass++) {
      open.perform(Command.CLEAN);
    }
    assertThat(desk.programme().get(0).progress()).isEqualTo(0.5);
    Desk reopened = new Desk(book, CLOCK, Workers.inline());
    assertThat(reopened.programme()).isEqualTo(desk.programme());
  }

  @Test
  void aSecondPassageCanGoToTheSamePlayer() throws IOException {
    ImportOffer offer = offer("C5/1 | D5/1");
    desk.imports().add(offer, forNewPlayer(0, 1));
    ImportChoice first = forNewPlayer(0, 0);
    desk.imports()
        .add(
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
  void whatIsHeldWhileTypingIsInTheBookWhenTheDeskIsClosed() throws BookException {
    desk.keepDraft("c2");
    desk.holdDraft("c2 d2");
    assertThat(book.draft()).isEqualTo("c2");
    desk.close();
    desk.keepDraft("c2 d2 from a pane that is still there");
    book = Book.open(folder.resolve("desk.fretbook"));
    assertThat(new Desk(book, CLOCK, Workers.inline()).draft()).isEqualTo("c2 d2");
  }

  @Test
  void aFileThatCannotBeReadIsAFaultInWords() {
    desk.imports().offer(folder.resolve("nowhere.musicxml"), offer -> {});
    assertThat(desk.faultProperty().get().map(Notice::words))
        .contains("nowhere.musicxml: there is no such file");
    desk.faultRead();
    assertThat(desk.faultProperty().get()).isEmpty();
  }

  @Test
  void aPassageOutOfRangeIsAFaultAndStaysOut() throws IOException {
    desk.imports().add(offer("C5/1 | C3/1"), forNewPlayer(0, 1));
    assertThat(desk.faultProperty().get().orElseThrow().words()).contains("bar 2: C3 lies below");
    assertThat(desk.programme()).isEmpty();
    assertThat(book.players().rows()).isEmpty();
  }

  @Test
  void aFolderThatIsNotThereIsAFaultInWords() throws IOException {
    desk.imports().add(offer("C5/1"), forNewPlayer(0, 0));
    PassageDesk open = desk.openProperty().get().orElseThrow();
    desk.marked().writePart(open, folder.resolve("none/marked.musicxml"), written -> {});
    assertThat(desk.faultProperty().get().map(Notice::words))
        .contains(
            "marked.musicxml cannot be written: its folder is not there; make it or choose another.");
  }

  @Test
  void theWholeScoreIsWrittenWithTheMarksOfThePassageInIt() throws Exception {
    desk.imports().add(offer("C5/1 | D5/1 | E5/1"), forNewPlayer(1, 1));
    Path file = folder.resolve("whole.musicxml");
    desk.marked().writeWhole(desk.openProperty().get().orElseThrow(), file, written -> {});
    Passage whole = new ScoreFiles().open(file).read(0).passage();
    assertThat(whole.bars()).hasSize(3);
    assertThat(whole.events())
        .extracting(e -> ((Sounding) e).notes().get(0).finger().isPresent())
        .containsExactly(false, true, false);
  }

  @Test
  void aMistakeOfTheProgramIsSaidAndNothingIsLost() throws IOException {
    desk.imports().add(offer("C5/1"), forNewPlayer(0, 0));
    Book failing = spy(book);
    doThrow(new IllegalStateException("disk on fire")).when(failing).score(anyLong());
    Desk unlucky = new Desk(failing, CLOCK, Workers.inline());
    unlucky.open(unlucky.programme().get(0));
    assertThat(unlucky.faultProperty().get().orElseThrow().words())
        .startsWith("Fret made a mistake of its own.")
        .doesNotContain("disk on fire");
    assertThat(unlucky.openProperty().get()).isEmpty();
  }

  /** Faults of every kind, at every place where the desk asks the book for something. */
  @Test
  void afterAnyFaultTheNextPinIsStored() throws IOException {
    desk.imports().add(offer("C5/4 D5/4 E5/4 F5/4"), forNewPlayer(0, 0));
    long id = desk.programme().get(0).passage().id();
    List<Throwable> faults =
        List.of(
            new IllegalStateException("injected"),
            new StackOverflowError("injected"),
            new OutOfMemoryError("injected"));
    for (Throwable fault : faults) {
      Book failing = spy(book);
      Desk unlucky = new Desk(failing, CLOCK, Workers.inline());
      unlucky.open(unlucky.programme().get(0));
      PassageDesk passage = unlucky.openProperty().get().orElseThrow();
      doThrow(fault).when(failing).keepChoices(anyLong(), any(), any());
      doThrow(fault).when(failing).addToLog(any());
      passage.select(1);
      passage.perform(Command.PIN_AS_SHOWN);
      passage.perform(Command.CLEAN);
      assertThat(passage.messageProperty().get()).startsWith("Fret made a mistake of its own.");
      assertThat(unlucky.faultProperty().get().orElseThrow().details())
          .hasValueSatisfying(d -> assertThat(d).contains("injected"));
      assertThat(passage.study().pins()).isEmpty();
      assertThat(passage.passes().entries()).isEmpty();
      doCallRealMethod().when(failing).keepChoices(anyLong(), any(), any());
      passage.perform(Command.PIN_AS_SHOWN);
      assertThat(book.choices(id).choices().pins()).hasSize(1);
      passage.perform(Command.FREE);
      assertThat(book.choices(id).choices().pins()).isEmpty();
    }
  }

  @Test
  void pinsThatCannotBeMetAnyMoreAreSetAsideAndKept() throws IOException {
    desk.imports().add(offer("C5/4 D5/4 E5/4 F5/4"), forNewPlayer(0, 0));
    BookPassage entry = desk.programme().get(0).passage();
    Choices none = book.choices(entry.id()).choices();
    PinAt impossible =
        new PinAt(
            NoteRef.parse("0@0/1 C5"),
            false,
            OptionalInt.of(1),
            Optional.of(Finger.FIRST),
            Optional.empty(),
            OptionalInt.empty());
    PinAt lost =
        new PinAt(
            NoteRef.parse("0@1/8 C5"),
            false,
            OptionalInt.of(2),
            Optional.empty(),
            Optional.empty(),
            OptionalInt.empty());
    book.keepChoices(entry.id(), none, none.withPins(List.of(impossible, lost)));
    Desk again = new Desk(book, CLOCK, Workers.inline());
    again.open(again.programme().get(0));
    PassageDesk open = again.openProperty().get().orElseThrow();
    assertThat(open.study().pins()).isEmpty();
    assertThat(open.opened().remarks())
        .hasSize(2)
        .anyMatch(
            r -> r.startsWith("Set aside, but kept: in bar 1 C5 cannot be played with finger 1"))
        .anyMatch(r -> r.startsWith("A pin on C5 in bar 1 finds no such note there any more"));
    open.perform(Command.PIN_AS_SHOWN);
    assertThat(book.choices(entry.id()).choices().pins()).contains(lost).hasSize(2);
  }

  @Test
  void aPartThatTunesItsStringsIsPlannedSo() throws IOException {
    byte[] plain = Files.readAllBytes(score("A3/1 | B3/1"));
    String tuned =
        new String(plain, StandardCharsets.UTF_8)
            .replaceFirst(
                "<note>",
                "<direction><direction-type><scordatura><accord string=\"4\"><tuning-step>A"
                    + "</tuning-step><tuning-octave>3</tuning-octave></accord></scordatura>"
                    + "</direction-type></direction><note>");
    Path file = folder.resolve("tuned.musicxml");
    Files.writeString(file, tuned);
    List<ImportOffer> offers = new ArrayList<>();
    desk.imports().offer(file, offers::add);
    desk.imports().add(offers.get(0), forNewPlayer(0, 1));
    PassageDesk open = desk.openProperty().get().orElseThrow();
    assertThat(open.study().leftHand().notes().get(0).placement().top().isOpen()).isTrue();
    assertThat(open.opened().skipped())
        .containsExactly("the part tunes string IV to A3, and is planned so");
    open.setSetup(open.setup().withTuning("E5 A4 D4 G3"), "Tuned as usual");
    assertThat(open.study().leftHand().notes().get(0).placement().top().isOpen()).isFalse();
  }

  @Test
  void goingBackToTheOpenPassageOvertakesOneThatIsStillRead() throws IOException {
    desk.imports().add(offer("C5/1"), forNewPlayer(0, 0));
    desk.imports().add(offer("D5/1"), forNewPlayer(0, 0));
    Deque<Runnable> waiting = new ArrayDeque<>();
    Desk slow = new Desk(book, CLOCK, Workers.planningBy(waiting::add));
    slow.open(slow.programme().get(0));
    waiting.remove().run();
    slow.open(slow.programme().get(1));
    slow.open(slow.programme().get(0));
    while (!waiting.isEmpty()) {
      waiting.remove().run();
    }
    assertThat(slow.openProperty().get().orElseThrow().opened().entry())
        .isEqualTo(slow.programme().get(0).passage());
  }

  @Test
  void aPassageAskedForAgainWhileItIsReadIsLaidOnTheDeskOnce() throws IOException {
    desk.imports().add(offer("C5/1"), forNewPlayer(0, 0));
    Deque<Runnable> waiting = new ArrayDeque<>();
    Book asked = spy(book);
    Desk slow = new Desk(asked, CLOCK, Workers.planningBy(waiting::add));
    ProgrammeEntry entry = slow.programme().get(0);
    doAnswer(
            call -> {
              slow.open(entry);
              return call.callRealMethod();
            })
        .doCallRealMethod()
        .when(asked)
        .score(entry.passage().id());
    slow.open(entry);
    waiting.remove().run();
    PassageDesk first = slow.openProperty().get().orElseThrow();
    assertThat(waiting).as("it is read a second time").isNotEmpty();
    while (!waiting.isEmpty()) {
      waiting.remove().run();
    }
    assertThat(slow.openProperty().get()).containsSame(first);
  }
}
