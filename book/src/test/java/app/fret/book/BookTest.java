package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.files.packet.Packet;
import app.fret.instrument.Habits;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.PinAt;
import app.fret.reading.layers.LayerMark;
import app.fret.reading.layers.Origin;
import app.fret.reading.traps.TrapAt;
import app.fret.reading.traps.TypedRunning;
import app.fret.score.BeatUnit;
import app.fret.score.Metre;
import app.fret.score.NoteRef;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.time.Occasion;
import app.fret.time.TempoPlace;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.numbers.fraction.Fraction;
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

  static LogEntry pass(long passage, String at, boolean clean) {
    return new LogEntry(passage, Instant.parse(at), TARGET.at(46), OptionalDouble.of(31.5), clean);
  }

  @Test
  void whatIsWrittenIsFoundAgainAfterReopening() throws BookException {
    long passage;
    try (Book book = Book.open(file())) {
      BookPlayer player = book.addPlayer("Ada Brandling", PlayerSetup.of("viola", 83.8, 380));
      passage = book.addPassage(passage(player.id(), "First study")).id();
      book.addPassage(passage(player.id(), "Second study"));
      book.addToLog(pass(passage, "2026-11-02T17:00:00Z", true));
      book.addToLog(pass(passage, "2026-11-02T17:02:00Z", false));
    }
    try (Book book = Book.open(file())) {
      BookPlayer player = book.players().rows().get(0);
      assertThat(player.player().instrument().stringLengthMm()).isEqualTo(380);
      assertThat(player.player().hand().comfortableMm()).isEqualTo(83.8);
      assertThat(book.passages(player.id()).rows())
          .extracting(BookPassage::title)
          .containsExactly("First study", "Second study");
      BookPassage first = book.passages(player.id()).rows().get(0);
      assertThat(first.target()).isEqualTo(TARGET);
      assertThat(first.dueOn()).contains(LocalDate.of(2027, 3, 1));
      assertThat(first.cut()).isEqualTo(new BookPassage.Cut(1, 2, 9));
      assertThat(new String(book.score(passage), StandardCharsets.UTF_8)).isEqualTo("<score/>");
      assertThat(book.log(passage).rows()).extracting(LogEntry::clean).containsExactly(true, false);
    }
  }

  @Test
  void theDayAPassageIsForCanBeMovedAndTakenAway() throws BookException {
    try (Book book = Book.open(file())) {
      BookPlayer player = book.addPlayer("Ilse Varn", PlayerSetup.usual("violin"));
      long passage = book.addPassage(passage(player.id(), "First study")).id();
      book.keepDue(passage, Optional.of(LocalDate.of(2027, 4, 2)));
      assertThat(book.passages(player.id()).rows().get(0).dueOn())
          .contains(LocalDate.of(2027, 4, 2));
      book.keepDue(passage, Optional.empty());
      assertThat(book.passages(player.id()).rows().get(0).dueOn()).isEmpty();
    }
  }

  @Test
  void whatIsBeingTypedIsKept() throws BookException {
    try (Book book = Book.open(file())) {
      assertThat(book.draft()).isEmpty();
      book.keepDraft("c2 d2");
      book.keepDraft("c2 d2 e2");
    }
    try (Book book = Book.open(file())) {
      assertThat(book.draft()).isEqualTo("c2 d2 e2");
    }
  }

  @Test
  void whatWasSeenOnThePageIsKept() throws BookException {
    TrapAt seen = TrapAt.parse("clef-change 4@3/8 F#4").orElseThrow();
    long passage;
    try (Book book = Book.open(file())) {
      BookPlayer player = book.addPlayer("Ada Brandling", PlayerSetup.of("viola", 83.8, 380));
      passage = book.addPassage(passage(player.id(), "First study")).id();
      Choices before = book.choices(passage).choices();
      Choices after = before.with(before.reading().withSeen(seen, true));
      book.keepChoices(passage, before, after);
    }
    try (Book book = Book.open(file())) {
      Choices kept = book.choices(passage).choices();
      assertThat(kept.reading().seen()).containsExactly(seen);
      book.keepChoices(passage, kept, kept.with(kept.reading().withSeen(seen, false)));
      assertThat(book.choices(passage).choices().reading().seen()).isEmpty();
    }
  }

  @Test
  void tempoLayersAndTheOthersPulseAreKeptAndTakenBack() throws BookException {
    NoteRef from = NoteRef.parse("0@0/1 D5");
    NoteRef to = NoteRef.parse("3@1/4 F#5");
    TempoPlace ramp = new TempoPlace(TempoPlace.Kind.RAMP, from, to, 88.5);
    long passage;
    Choices after;
    try (Book book = Book.open(file())) {
      BookPlayer player = book.addPlayer("Ada Brandling", PlayerSetup.usual("violin"));
      passage = book.addPassage(passage(player.id(), "First study")).id();
      Choices before = book.choices(passage).choices();
      after =
          before
              .with(
                  before
                      .tempo()
                      .withOccasion(Occasion.CONCERT)
                      .withPrescribed(true)
                      .within(
                          OptionalDouble.of(before.target().perMinute() - 4),
                          OptionalDouble.of(before.target().perMinute() + 4))
                      .withPlace(ramp))
              .with(
                  before
                      .layers()
                      .withPrintedBy(Origin.COMPOSER)
                      .with(Origin.COACH, Map.of(from, LayerMark.parse("finger=2 bow=up")))
                      .withShown(Origin.COACH, false))
              .with(before.reading().withRunning(new TypedRunning(from, to, Fraction.of(1, 16))));
      book.keepChoices(passage, before, after);
    }
    try (Book book = Book.open(file())) {
      Decided decided = book.choices(passage);
      assertThat(decided.remarks()).isEmpty();
      assertThat(decided.choices()).isEqualTo(after);
      book.keepChoices(passage, after, Choices.at(after.target()));
      assertThat(book.choices(passage).choices()).isEqualTo(Choices.at(after.target()));
    }
  }

  @Test
  void tempiAndMarksThatMakeNoSenseAreKeptButNotInForce() throws BookException, SQLException {
    long passage;
    try (Book book = Book.open(file())) {
      BookPlayer player = book.addPlayer("Ada Brandling", PlayerSetup.usual("violin"));
      passage = book.addPassage(passage(player.id(), "First study")).id();
    }
    for (String row :
        List.of(
            "'tempo', 'occasion', 'party'",
            "'tempo', '0@0/1 D5', 'ramp fast'",
            "'layers', 'aunt 0@0/1 D5', 'finger=2'",
            "'layers', 'coach 0@0/1 D5', 'finger=9'",
            "'reading', 'others 0@0/1 D5', 'now and then'",
            "'reading', 'others 0@1/4 E5', '1/0 to 0@0/1 D5'",
            "'shape', 'must-from', '1/0'",
            "'bow', '0@0/0 D5', 'up'",
            "'left-hand', '0@0/1 D5', 'string'")) {
      execute(
          "INSERT INTO decision (passage_id, area, item, version, value) SELECT "
              + passage
              + ", a, i, 1, v FROM (SELECT "
              + row.replaceFirst("', '", "' AS a, '").replaceFirst("', '", "' AS i, '")
              + " AS v)");
    }
    try (Book book = Book.open(file())) {
      Decided decided = book.choices(passage);
      assertThat(decided.remarks()).hasSize(9).allMatch(r -> r.endsWith("but not in force."));
      assertThat(decided.choices()).isEqualTo(Choices.at(decided.choices().target()));
    }
  }

  @Test
  void mendedMusicStandsBesideTheFileAndCanGoAgain() throws BookException {
    Packet.Mended music = new Packet.Mended(new byte[] {1, 2, 3}, Optional.of("0x3 -x1"));
    long passage;
    try (Book book = Book.open(file())) {
      BookPlayer player = book.addPlayer("Ada Brandling", PlayerSetup.usual("violin"));
      passage = book.addPassage(passage(player.id(), "First study")).id();
      assertThat(book.edited(passage)).isEmpty();
      book.keepEdited(passage, Optional.of(music));
    }
    try (Book book = Book.open(file())) {
      Packet.Mended kept = book.edited(passage).orElseThrow();
      assertThat(kept.isSameMusic(music)).isTrue();
      assertThat(kept.origins()).contains("0x3 -x1");
      assertThat(book.score(passage)).isNotEqualTo(music.music());
      book.keepEdited(passage, Optional.empty());
      assertThat(book.edited(passage)).isEmpty();
    }
  }

  @Test
  void aBookWithoutMendedMusicTakesSome() throws BookException, SQLException {
    new BookFile(file(), 5, BookFile.MIGRATIONS).prepare();
    execute(
        "INSERT INTO player (name, instrument, comfortable_mm, string_length_mm) VALUES ('Ada', 'violin', 70, 330)");
    try (Book book = Book.open(file())) {
      long player = book.players().rows().get(0).id();
      long passage = book.addPassage(passage(player, "First study")).id();
      book.keepEdited(passage, Optional.of(new Packet.Mended(new byte[] {7}, Optional.empty())));
      assertThat(book.edited(passage)).isPresent();
    }
    assertThat(folder.resolve("test.fretbook.v5.backup")).exists();
  }

  @Test
  void ofALongLogTheNewestPassesAreReadOldestFirst() throws BookException {
    try (Book book = Book.open(file())) {
      BookPlayer player = book.addPlayer("Ada Brandling", PlayerSetup.of("viola", 83.8, 380));
      long passage = book.addPassage(passage(player.id(), "First study")).id();
      Instant first = Instant.parse("2026-01-01T08:00:00Z");
      int more = 3;
      for (int i = 0; i < PracticeLog.MOST + more; i++) {
        book.addToLog(pass(passage, first.plusSeconds(60L * i).toString(), true));
      }
      assertThat(book.log(passage).rows())
          .hasSize(PracticeLog.MOST)
          .isSortedAccordingTo(Comparator.comparing(LogEntry::at))
          .first()
          .extracting(LogEntry::at)
          .isEqualTo(first.plusSeconds(60L * more));
    }
  }

  private static PinAt pin(String at, String value) {
    return DecisionRows.pins(at, value).get(0);
  }

  private static long onePassage(Book book) {
    BookPlayer player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328));
    return book.addPassage(passage(player.id(), "S")).id();
  }

  @Test
  void whatIsDecidedIsKeptAndWhatIsFreedIsGone() throws BookException {
    try (Book book = Book.open(file())) {
      long passage = onePassage(book);
      Choices none = book.choices(passage).choices();
      Choices choices =
          none.withPin(pin("1@1/4 F#4", "string=2 finger=3"))
              .withPin(pin("2@0/1 A4 +1", "base=5 any"));
      book.keepChoices(passage, none, choices);
      assertThat(book.choices(passage).choices()).isEqualTo(choices);
      Choices fewer =
          choices
              .withoutPins(List.of(NoteRef.parse("1@1/4 F#4")))
              .withTarget(new Tempo(BeatUnit.bar(Metre.of(3, 4)), 60));
      book.keepChoices(passage, choices, fewer);
      assertThat(book.choices(passage).choices()).isEqualTo(fewer);
    }
  }

  /** Two windows: neither may wipe out what the other has decided. */
  @Test
  void aDecisionIsWrittenWithoutTouchingAnother() throws BookException {
    try (Book book = Book.open(file())) {
      long passage = onePassage(book);
      Choices none = book.choices(passage).choices();
      PinAt one = pin("1@0/1 G4", "finger=1");
      PinAt other = pin("1@1/4 A4", "finger=2");
      book.keepChoices(passage, none, none.withPin(one));
      book.keepChoices(passage, none, none.withPin(other));
      assertThat(book.choices(passage).choices().pins()).containsExactly(one, other);
    }
  }

  @Test
  void decisionsOfANewerFretAreKeptVerbatimAndNamed() throws BookException, SQLException {
    long passage;
    try (Book book = Book.open(file())) {
      passage = onePassage(book);
    }
    execute(
        "INSERT INTO decision VALUES (" + passage + ", 'bow', '1@0/1 G4', 1, 'hook')",
        "INSERT INTO decision VALUES (" + passage + ", 'left-hand', '1@0/1 G4', 7, 'finger=1 x')",
        "INSERT INTO decision VALUES (" + passage + ", 'left-hand', '1@0/1 B4', 1, 'finger=nine')",
        "UPDATE decision SET value = 'velvet' WHERE item = 'profile'",
        "INSERT OR IGNORE INTO decision VALUES ("
            + passage
            + ", 'left-hand', 'profile', 1, 'velvet')");
    try (Book book = Book.open(file())) {
      Decided decided = book.choices(passage);
      assertThat(decided.choices().profile().name()).isEqualTo("secure");
      assertThat(decided.choices().pins()).isEmpty();
      assertThat(decided.remarks())
          .hasSize(3)
          .anyMatch(r -> r.contains("'velvet', which this Fret does not know: planned as Secure"))
          .anyMatch(r -> r.contains("A decision of a newer Fret (1@0/1 G4) is kept"))
          .anyMatch(r -> r.contains("A pin in the book (1@0/1 B4: finger=nine) cannot be read"));
      book.keepChoices(
          passage, decided.choices(), decided.choices().withPin(pin("1@1/2 C5", "string=2")));
    }
    assertThat(ask("SELECT value FROM decision WHERE area = 'bow'")).isEqualTo("hook");
    assertThat(ask("SELECT value FROM decision WHERE version = 7")).isEqualTo("finger=1 x");
    assertThat(ask("SELECT value FROM decision WHERE item = 'profile'")).isEqualTo("velvet");
  }

  @Test
  void aBadRowIsNamedAndTheRestOfTheBookOpens() throws BookException, SQLException {
    long passage;
    try (Book book = Book.open(file())) {
      passage = onePassage(book);
      book.addToLog(pass(passage, "2026-11-02T17:00:00Z", true));
      book.addToLog(pass(passage, "2026-11-02T17:02:00Z", false));
      book.addPassage(passage(1, "Second"));
      book.addPlayer("B", PlayerSetup.usual("cello"));
    }
    execute(
        "UPDATE log_entry SET logged_at = 'yesterday' WHERE id = 1",
        "UPDATE passage SET due_on = 'soon' WHERE id = 2",
        "UPDATE player SET reach = 'FAR' WHERE id = 2");
    try (Book book = Book.open(file())) {
      assertThat(book.log(passage).rows()).hasSize(1);
      assertThat(book.log(passage).unreadable())
          .singleElement()
          .asString()
          .startsWith("A pass in the book (row 1) cannot be read: ")
          .contains("yesterday")
          .endsWith("It is kept as it is, and left out here.");
      assertThat(book.passages(1).rows()).hasSize(1);
      assertThat(book.passages(1).unreadable()).hasSize(1);
      assertThat(book.players().rows()).hasSize(1);
      assertThat(book.players().unreadable()).hasSize(1);
    }
  }

  private void execute(String... statements) throws SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      for (String one : statements) {
        statement.execute(one);
      }
    }
  }

  private String ask(String question) throws SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement();
        ResultSet answer = statement.executeQuery(question)) {
      return answer.next() ? answer.getString(1) : "";
    }
  }

  @Test
  void aPassageNeedsItsPlayer() throws BookException {
    try (Book book = Book.open(file())) {
      assertThatThrownBy(() -> book.addPassage(passage(99, "orphan")))
          .rootCause()
          .hasMessageContaining("FOREIGN KEY");
      assertThat(book.passages(99).rows()).isEmpty();
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
      new BookFile(file(), 999, BookFile.MIGRATIONS, "classpath:app/fret/book/later").prepare();
    }
    Path backup = folder.resolve("test.fretbook.v" + BookFile.NEWEST + ".backup");
    assertThat(backup).exists();
    try (Book before = Book.open(backup)) {
      assertThat(before.players().rows())
          .extracting(BookPlayer::name)
          .containsExactly("Ada Brandling");
    }
    assertThatThrownBy(() -> Book.open(file())).hasMessageContaining("newer Fret");
  }

  @Test
  void aBookOfTheFirstVersionKeepsItsPlayersAndGivesThemTheUsualSetup()
      throws BookException, SQLException {
    new BookFile(file(), 1, BookFile.MIGRATIONS).prepare();
    execute(
        "INSERT INTO player (name, instrument, comfortable_mm, string_length_mm)"
            + " VALUES ('Ada Brandling', 'violin', 70, 330)");
    try (Book book = Book.open(file())) {
      assertThat(book.players().rows().get(0).setup()).isEqualTo(PlayerSetup.of("violin", 70, 330));
    }
    assertThat(folder.resolve("test.fretbook.v1.backup")).exists();
  }

  /** Before version 3 pins hung on running numbers and passes on the target of the day. */
  @Test
  void pinsAndPassesOfTheSecondVersionAreCarriedOver()
      throws BookException, SQLException, IOException {
    OldBooks.second(file());
    try (Book book = Book.open(file())) {
      Decided decided = book.choices(1);
      assertThat(decided.choices().profile().name()).isEqualTo("singing");
      assertThat(decided.choices().pins())
          .containsExactly(
              pin("0@1/4 E5", "string=2 finger=4"), pin("1@0/1 E5", "finger=1 base=2 any"));
      assertThat(decided.remarks()).singleElement().asString().contains("note 40");
      LogEntry pass = book.log(1).rows().get(0);
      assertThat(pass.tempo()).isEqualTo(new Tempo(BeatUnit.HALF, 44));
      assertThat(pass.seconds()).as("nobody kept how long it took").isEmpty();
    }
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
                    .withGuide(Habits.Guide.ARRIVING_FINGER)
                    .withHalfSteps(Habits.HalfSteps.SLIDES));
    PlayerSetup tuned = PlayerSetup.usual("violin").withTuning("E5 A4 D4 A3");
    try (Book book = Book.open(file())) {
      BookPlayer bassist = book.addPlayer("Odo Varn", PlayerSetup.usual("bass"));
      book.keepSetup(bassist.id(), setup);
      book.addPlayer("Ada Brandling", tuned);
    }
    try (Book book = Book.open(file())) {
      assertThat(book.players().rows()).extracting(BookPlayer::setup).containsExactly(setup, tuned);
      assertThat(book.players().rows().get(0).player().instrument().a4Hz()).isEqualTo(442);
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
      assertThat(book.players().rows()).isEmpty();
    }
  }
}
