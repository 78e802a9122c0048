package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.PinAt;
import app.fret.practice.Gate;
import app.fret.practice.PracticeChoices;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.MissKind;
import app.fret.practice.schedule.PutBack;
import app.fret.practice.trial.TrialPlan;
import app.fret.practice.trial.Way;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.NoteRef;
import app.fret.score.Tempo;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is practised and how is kept in the book. */
class PracticeBookTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 26);
  private static final Instant AT = Instant.parse("2026-11-26T09:00:00Z");
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 96);

  @TempDir private Path folder;

  private Path file() {
    return folder.resolve("practice.fretbook");
  }

  private static LogEntry entry(long passage, boolean clean, LogEntry.Played played) {
    return new LogEntry(passage, AT, TEMPO, OptionalDouble.of(31.5), clean, played);
  }

  @Test
  void whatIsPutBackAfterItHurtIsKeptWithItsPassage() throws BookException {
    try (Book book = Book.open(file())) {
      long player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
      long passage = book.addPassage(BookTest.passage(player, "Study")).id();
      PutBack bar = new PutBack(Optional.of("12"), DAY);
      PutBack whole = new PutBack(Optional.empty(), DAY.plusDays(1));
      book.putBack(passage, bar);
      book.putBack(passage, whole);
      assertThat(book.putBacks(passage).rows()).containsExactly(bar, whole);
      assertThat(book.putBacks(passage + 1).rows()).isEmpty();
    }
  }

  @Test
  void aPassKeepsWhatItWasPlayedForAndWhatWasSaid() throws BookException {
    LogEntry.Played played =
        new LogEntry.Played(
                CardKind.RHYTHM,
                true,
                Optional.of("12:3"),
                true,
                true,
                2,
                Optional.of("thumb late"))
            .missing(
                List.of(
                    new Miss(Optional.of("12:3"), MissKind.STRING),
                    new Miss(Optional.empty(), MissKind.OTHER)));
    try (Book book = Book.open(file())) {
      long player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
      long passage = book.addPassage(BookTest.passage(player, "Study")).id();
      book.addToLog(entry(passage, false, played));
      book.addToLog(entry(passage, true, LogEntry.Played.ON_LADDER));
    }
    try (Book book = Book.open(file())) {
      assertThat(book.log(1).rows())
          .containsExactly(entry(1, false, played), entry(1, true, LogEntry.Played.ON_LADDER));
    }
  }

  @Test
  void whatWentWrongIsSaidAfterwardsOfOnePassAlone() throws BookException {
    List<Miss> misses = List.of(new Miss(Optional.of("2 a:3"), MissKind.LOW));
    try (Book book = Book.open(file())) {
      long player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
      long passage = book.addPassage(BookTest.passage(player, "Study")).id();
      book.addToLog(entry(passage, false, LogEntry.Played.ON_LADDER));
      book.addToLog(entry(passage, false, LogEntry.Played.ON_LADDER));
      book.keepMisses(book.lastLogged(passage).orElseThrow(), misses);
      assertThat(book.log(passage).rows())
          .extracting(e -> e.played().misses())
          .containsExactly(List.of(), misses);
    }
  }

  @Test
  void aSlipIsTakenBackAndNothingElse() throws BookException {
    try (Book book = Book.open(file())) {
      long player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
      long one = book.addPassage(BookTest.passage(player, "One")).id();
      long other = book.addPassage(BookTest.passage(player, "Other")).id();
      book.addToLog(entry(one, true, LogEntry.Played.ON_LADDER));
      book.addToLog(entry(one, false, LogEntry.Played.ON_LADDER));
      book.addToLog(entry(other, true, LogEntry.Played.ON_LADDER));
      book.takeBack(book.lastLogged(one).orElseThrow());
      assertThat(book.log(one).rows()).extracting(LogEntry::clean).containsExactly(true);
      assertThat(book.log(other).rows()).hasSize(1);
    }
  }

  @Test
  void howAPlayerPractisesIsKept() throws BookException {
    Learner learner =
        new Learner(
            75, Set.of(DayOfWeek.SUNDAY, DayOfWeek.WEDNESDAY), 3, Stance.AS_MANY_READY_AS_POSSIBLE);
    try (Book book = Book.open(file())) {
      long player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
      assertThat(book.learner(player).learner())
          .isEqualTo(new Learner(60, Set.of(), 2, Stance.EVEN));
      book.keepLearner(player, learner);
    }
    try (Book book = Book.open(file())) {
      assertThat(book.learner(1).learner()).isEqualTo(learner);
    }
  }

  @Test
  void cardsOfADayAreTickedAndTheTickIsTakenBack() throws BookException {
    try (Book book = Book.open(file())) {
      long player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
      book.tickCard(player, DAY, "card 0", true);
      book.tickCard(player, DAY, "card 3", true);
      book.tickCard(player, DAY, "card 3", true);
      book.tickCard(player, DAY.plusDays(1), "card 5", true);
      assertThat(book.cardsDone(player, DAY)).containsExactly("card 0", "card 3");
      book.tickCard(player, DAY, "card 0", false);
      assertThat(book.cardsDone(player, DAY)).containsExactly("card 3");
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14})
  void aBookOfEveryOlderVersionOpensWithABackup(int version) throws Exception {
    new BookFile(file(), version, BookFile.MIGRATIONS).prepare();
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      statement.execute(
          "INSERT INTO player (name, instrument, comfortable_mm, string_length_mm)"
              + " VALUES ('A', 'violin', 70, 330)");
      String profile = version < 3 ? ", profile" : "";
      String singing = version < 3 ? ", 'singing'" : "";
      statement.execute(
          "INSERT INTO passage (player_id, place, title, file_name, score, part_index, first_bar,"
              + " last_bar, target_beat, target_per_minute"
              + profile
              + ") VALUES (1, 1, 'S', 's.musicxml', x'00', 0, 0, 1, 'half 1/2', 60"
              + singing
              + ")");
      statement.execute(
          "INSERT INTO log_entry (passage_id, logged_at, per_minute, clean)"
              + " VALUES (1, '2026-11-02T17:00:00Z', 44, 1)");
    }
    try (Book book = Book.open(file())) {
      assertThat(book.log(1).rows())
          .singleElement()
          .satisfies(pass -> assertThat(pass.played()).isEqualTo(LogEntry.Played.ON_LADDER));
      assertThat(book.learner(1).learner().minutesPerDay()).isEqualTo(60);
      assertThat(book.cardsDone(1, DAY)).isEmpty();
    }
    assertThat(folder.resolve("practice.fretbook.v" + version + ".backup")).exists();
  }

  private static final NoteRef TRIED = NoteRef.parse("4@3/8 F#4");
  private static final TrialPlan TRIAL =
      new TrialPlan(
          TRIED,
          Instant.parse("2026-11-26T08:30:00Z"),
          new TrialPlan.Candidate(
              "2 on III",
              List.of(
                  new PinAt(
                      TRIED,
                      false,
                      OptionalInt.of(3),
                      Optional.of(Finger.SECOND),
                      Optional.of(false),
                      OptionalInt.empty())),
              Optional.empty()),
          new TrialPlan.Candidate(
              "hooked",
              List.of(),
              Optional.of(new StrokeAt(TRIED, StrokeDecision.of(StrokeDecision.Act.HOOK)))));

  @Test
  void aPassOfATrialKnowsItsWay() throws Exception {
    try (Book book = Book.open(folder.resolve("trial.fretbook"))) {
      long player = book.addPlayer("Oda Merrin", PlayerSetup.usual("violin")).id();
      long id = book.addPassage(BookTest.passage(player, "Study")).id();
      LogEntry pass =
          new LogEntry(
              id,
              Instant.parse("2026-11-26T09:00:00Z"),
              new Tempo(BeatUnit.QUARTER, 60),
              OptionalDouble.empty(),
              true,
              LogEntry.Played.ON_LADDER.of(Way.B));
      book.addToLog(pass);
      assertThat(book.log(id).rows()).containsExactly(pass);
    }
  }

  @ParameterizedTest
  @CsvSource({"at nowhere", "at\t4@3/8 F#4", "since\tsoon"})
  void aTrialThatMakesNoSenseIsRefused(String text) {
    assertThatThrownBy(() -> PracticeRows.with(PracticeChoices.none(), "trial", text))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void decisionsForPracticeComeBack() {
    PracticeChoices practice =
        PracticeChoices.none()
            .withClean(OptionalDouble.of(72.5))
            .with(new Gate(5, true))
            .withBeatKept(true)
            .withChunkStarts(List.of(NoteRef.parse("1@0/1 D5"), NoteRef.parse("4@3/8 F#4")))
            .withTrial(Optional.of(TRIAL));
    PracticeChoices read = PracticeChoices.none();
    for (Map.Entry<String, String> row : PracticeRows.of(practice).entrySet()) {
      read = PracticeRows.with(read, row.getKey(), row.getValue());
    }
    assertThat(read).isEqualTo(practice);
    assertThat(PracticeRows.of(PracticeChoices.none())).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"clean,fast", "clean,-3", "clean-needed,0", "chunk nowhere,yes", "odd,yes"})
  void aRowThatMakesNoSenseIsRefused(String item, String value) {
    assertThatThrownBy(() -> PracticeRows.with(PracticeChoices.none(), item, value))
        .isInstanceOf(IllegalArgumentException.class);
  }

  private void execute(String sql) throws Exception {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "stance = 'LAZY'|'LAZY' is a word that this Fret does not know",
        "days_off = 'SUNDAY,YESTERDAY'|'YESTERDAY' is a word that this Fret does not know",
        "minutes_per_day = 100000|minutes a day are 1 to 960",
      })
  void settingsThatMakeNoSenseAreNamedAndTheUsualOnesServe(String set, String words)
      throws Exception {
    try (Book book = Book.open(file())) {
      book.addPlayer("A", PlayerSetup.of("violin", 73, 328));
    }
    execute("UPDATE player SET " + set);
    try (Book book = Book.open(file())) {
      Practised practised = book.learner(1);
      assertThat(practised.learner()).isEqualTo(Learner.USUAL);
      assertThat(practised.unreadable())
          .singleElement()
          .asString()
          .contains("(row 1)", words, "It is kept as it is")
          .doesNotContain("enum", "java");
    }
  }

  @Test
  void aBadRecordingOrTurnIsNamedOrLeftOutAndTheOthersAreRead() throws Exception {
    try (Book book = Book.open(file())) {
      book.addPlayer("A", PlayerSetup.of("violin", 73, 328));
      OtherItem good = book.addOtherItem(1, OtherItem.Kind.STUDY, "Study", 8);
      OtherItem bad = book.addOtherItem(1, OtherItem.Kind.LISTENING, "Two recordings", 8);
      book.tickOtherItem(good.id(), DAY, true);
      execute("UPDATE other_item SET minutes = 99999 WHERE id = " + bad.id());
      execute("INSERT INTO other_done (item_id, day) VALUES (" + good.id() + ", 'lately')");
    }
    try (Book book = Book.open(file())) {
      assertThat(book.otherItems(1).rows()).extracting(OtherItem::title).containsExactly("Study");
      assertThat(book.otherItems(1).unreadable())
          .singleElement()
          .asString()
          .contains("A study or recording in the book (row 2)", "Minutes are 1 to 120");
      assertThat(book.turns(1).get(1L)).containsExactly(DAY);
    }
  }

  @Test
  void aVersionBeyondAllCountingIsOneOfANewerFret() throws Exception {
    Book.open(file()).close();
    execute(
        "INSERT INTO flyway_schema_history (installed_rank, version, description, type, script,"
            + " installed_by, execution_time, success) VALUES (99, '99999999999', 'x', 'SQL', 'x',"
            + " 'x', 1, 1)");
    assertThatThrownBy(() -> Book.open(file()).close())
        .isInstanceOf(BookException.class)
        .hasMessage(
            "practice.fretbook was written by a newer Fret and was left as it is; update Fret to open"
                + " it");
  }
}
