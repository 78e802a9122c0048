package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.instrument.Habits;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.Pin;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Metre;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BookTest {
  static final Tempo TARGET = new Tempo(BeatUnit.DOTTED_QUARTER, 92.5);

  @TempDir private Path folder;

  private Path file() {
    return folder.resolve("test.fretbook");
  }

  static NewPassage passage(long player, String title) {
    return new NewPassage(
        player,
        title,
        "study.musicxml",
        "<score/>".getBytes(StandardCharsets.UTF_8),
        new BookPassage.Cut(1, 2, 9),
        TARGET,
        Optional.of(LocalDate.of(2027, 3, 1)));
  }

  @Test
  void whatIsWrittenIsFoundAgainAfterReopening() throws BookException {
    long passage;
    try (Book book = Book.open(file())) {
      BookPlayer player = book.addPlayer("Ada Brandling", PlayerSetup.of("viola", 83.8, 380));
      passage = book.addPassage(passage(player.id(), "First study")).id();
      book.addPassage(passage(player.id(), "Second study"));
      book.addToLog(new LogEntry(passage, Instant.parse("2026-11-02T17:00:00Z"), 46, true));
      book.addToLog(new LogEntry(passage, Instant.parse("2026-11-02T17:02:00Z"), 46, false));
    }
    try (Book book = Book.open(file())) {
      BookPlayer player = book.players().get(0);
      assertThat(player.player().instrument().stringLengthMm()).isEqualTo(380);
      assertThat(player.player().hand().comfortableMm()).isEqualTo(83.8);
      assertThat(book.passages(player.id()))
          .extracting(BookPassage::title)
          .containsExactly("First study", "Second study");
      BookPassage first = book.passages(player.id()).get(0);
      assertThat(first.target()).isEqualTo(TARGET);
      assertThat(first.dueOn()).contains(LocalDate.of(2027, 3, 1));
      assertThat(first.cut()).isEqualTo(new BookPassage.Cut(1, 2, 9));
      assertThat(new String(book.score(passage), StandardCharsets.UTF_8)).isEqualTo("<score/>");
      assertThat(book.log(passage)).extracting(LogEntry::clean).containsExactly(true, false);
    }
  }

  @Test
  void choicesReplaceThoseBefore() throws BookException {
    try (Book book = Book.open(file())) {
      long passage =
          book.addPassage(passage(book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id(), "S"))
              .id();
      Choices choices =
          Choices.at(TARGET)
              .withPin(Pin.of(4, 2, Finger.THIRD))
              .withPin(new Pin(7, OptionalInt.empty(), Optional.empty(), OptionalInt.of(5)));
      book.keepChoices(passage, choices);
      assertThat(book.choices(passage)).isEqualTo(choices);
      Choices fewer = choices.withoutPin(4).withTarget(new Tempo(BeatUnit.bar(Metre.of(3, 4)), 60));
      book.keepChoices(passage, fewer);
      assertThat(book.choices(passage)).isEqualTo(fewer);
    }
  }

  @Test
  void aPassageNeedsItsPlayer() throws BookException {
    try (Book book = Book.open(file())) {
      assertThatThrownBy(() -> book.addPassage(passage(99, "orphan")))
          .hasMessageContaining("FOREIGN KEY");
      assertThat(book.passages(99)).isEmpty();
    }
  }

  @Test
  void aFileThatIsNoBookIsLeftAsItIs() throws IOException {
    Files.writeString(file(), "Dear diary, today I practised.");
    byte[] before = Files.readAllBytes(file());
    assertThatThrownBy(() -> Book.open(file()))
        .isInstanceOf(BookException.class)
        .hasMessage(
            "test.fretbook is not a practice book; choose another file. It was left as it is");
    assertThat(Files.readAllBytes(file())).isEqualTo(before);
  }

  @Test
  void aDamagedBookIsLeftAsItIs() throws IOException, BookException {
    try (Book book = Book.open(file())) {
      long player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
      for (int i = 0; i < 40; i++) {
        book.addPassage(passage(player, "Study " + i));
      }
    }
    byte[] bytes = Files.readAllBytes(file());
    Arrays.fill(bytes, 4096, bytes.length - 512, (byte) 0x5A);
    Files.write(file(), bytes);
    assertThatThrownBy(() -> Book.open(file()))
        .isInstanceOf(BookException.class)
        .hasMessageContaining("is damaged and was left as it is");
    assertThat(Files.readAllBytes(file())).isEqualTo(bytes);
  }

  @Test
  void aBookOfANewerFretIsLeftAsItIs() throws BookException, SQLException {
    Book.open(file()).close();
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      statement.execute(
          "INSERT INTO flyway_schema_history (installed_rank, version, description, type, script,"
              + " checksum, installed_by, execution_time, success)"
              + " VALUES (99, '999', 'from the future', 'SQL', 'V999__future.sql', 1, 'x', 1, 1)");
    }
    assertThatThrownBy(() -> Book.open(file()))
        .isInstanceOf(BookException.class)
        .hasMessageContaining("was written by a newer Fret");
  }

  /** A version that is yet to come stands in for the next migration. */
  @Test
  void anOlderBookIsCopiedAsideWholeBeforeItIsMigrated() throws BookException, SQLException {
    try (Book book = Book.open(file())) {
      book.addPlayer("Ada Brandling", PlayerSetup.of("violin", 73, 328));
      new BookFile(file(), "classpath:app/fret/book/migration", "classpath:app/fret/book/later")
          .prepare();
    }
    Path backup = folder.resolve("test.fretbook.v2.backup");
    assertThat(backup).exists();
    try (Book before = Book.open(backup)) {
      assertThat(before.players()).extracting(BookPlayer::name).containsExactly("Ada Brandling");
    }
    assertThatThrownBy(() -> Book.open(file())).hasMessageContaining("newer Fret");
  }

  private static final List<String> ADDED_BY_VERSION_2 =
      List.of(
          "a4_hz",
          "set_up",
          "tuning",
          "school",
          "reach",
          "crawl",
          "slide",
          "slides_are_heard",
          "guide");

  @Test
  void aBookOfTheFirstVersionKeepsItsPlayersAndGivesThemTheUsualSetup()
      throws BookException, SQLException {
    try (Book book = Book.open(file())) {
      book.addPlayer("Ada Brandling", PlayerSetup.of("violin", 70, 330));
    }
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      for (String column : ADDED_BY_VERSION_2) {
        statement.execute("ALTER TABLE player DROP COLUMN " + column);
      }
      statement.execute("DELETE FROM flyway_schema_history WHERE version = '2'");
    }
    try (Book book = Book.open(file())) {
      assertThat(book.players().get(0).setup()).isEqualTo(PlayerSetup.of("violin", 70, 330));
    }
    assertThat(folder.resolve("test.fretbook.v1.backup")).exists();
  }

  @Test
  void whatAPlayerSaysOfHandAndSchoolsIsKept() throws BookException {
    PlayerSetup setup =
        PlayerSetup.of("bass", 98, 1060)
            .withA4Hz(442)
            .withSchool(Optional.of("1-3-4"))
            .withSetUp(Optional.of("low-c"))
            .withHabits(
                Habits.USUAL
                    .withReach(Habits.Reach.MOVE)
                    .withCrawl(false)
                    .withSlide(Habits.Slide.LATE)
                    .withSlidesHeard(true)
                    .withGuide(Habits.Guide.ARRIVING_FINGER));
    PlayerSetup tuned = PlayerSetup.usual("violin").withTuning("E5 A4 D4 A3");
    try (Book book = Book.open(file())) {
      BookPlayer bassist = book.addPlayer("Odo Varn", PlayerSetup.usual("bass"));
      book.keepSetup(bassist.id(), setup);
      book.addPlayer("Ada Brandling", tuned);
    }
    try (Book book = Book.open(file())) {
      assertThat(book.players()).extracting(BookPlayer::setup).containsExactly(setup, tuned);
      assertThat(book.players().get(0).player().instrument().a4Hz()).isEqualTo(442);
    }
  }

  @Test
  void anotherProgramsDatabaseIsLeftAsItIs() throws IOException, SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      statement.execute("CREATE TABLE recipe (name TEXT)");
    }
    byte[] before = Files.readAllBytes(file());
    assertThatThrownBy(() -> Book.open(file())).hasMessageContaining("is not a practice book");
    assertThat(Files.readAllBytes(file())).isEqualTo(before);
  }

  @Test
  void anEmptyBookHasNobodyInIt() throws BookException {
    try (Book book = Book.open(file())) {
      assertThat(book.players()).isEmpty();
    }
  }
}
