package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import app.fret.book.PassageNote.By;
import app.fret.book.PassageNote.VideoPlace;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.files.packet.Packet;
import app.fret.files.packet.PacketReader;
import app.fret.files.packet.PacketWriter;
import app.fret.instrument.Hand;
import app.fret.instrument.Instruments;
import app.fret.instrument.PlayerSetup;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.FixedCard;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.PutBack;
import app.fret.practice.schedule.Round;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.io.ByteArrayOutputStream;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What was agreed on stays in the book and travels in packets. */
class AgreementsTest {
  private static final LocalDate DAY = LocalDate.of(2026, 12, 1);
  private static final PassageNote LIGHTER =
      new PassageNote(
          Instant.parse("2026-11-24T17:00:00Z"),
          By.JURY,
          Optional.of("7"),
          "lighter",
          Optional.of(new VideoPlace("lesson.mp4", 754)));

  @TempDir private Path folder;
  private Book coach;
  private Book student;
  private BookPlayer player;
  private long passage;
  private long study;

  @BeforeEach
  void open() throws Exception {
    coach = Book.open(folder.resolve("coach.fretbook"));
    student = Book.open(folder.resolve("student.fretbook"));
    player = coach.addPlayer("Oda Merrin", PlayerSetup.of("violin", 75.0, 328));
    passage = passage(player, "A4/4 B4/4 C5/4 D5/4 | E5/1");
    study = coach.addOtherItem(player.id(), OtherItem.Kind.STUDY, "Study in thirds", 8).id();
  }

  private long passage(BookPlayer of, String words) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new MusicXmlWriter().write(Music.passage(words), out);
    return coach
        .addPassage(
            new NewPassage(
                of.id(),
                "Grey Ferry",
                "grey-ferry.musicxml",
                out.toByteArray(),
                new BookPassage.Cut(0, 0, 1),
                new Tempo(BeatUnit.QUARTER, 96),
                Optional.empty()))
        .id();
  }

  @AfterEach
  void close() {
    coach.close();
    student.close();
  }

  private static FixedCard card(DayOfWeek day, String item, CardKind kind) {
    return new FixedCard(
        day, item, kind, 9, OptionalDouble.of(60), Optional.empty(), Optional.of("1:2"), "slowly");
  }

  private List<FixedCard> week() {
    return List.of(
        card(DayOfWeek.MONDAY, String.valueOf(passage), CardKind.DRILL),
        card(DayOfWeek.MONDAY, OtherItem.ITEM_PREFIX + study, CardKind.STUDY));
  }

  private void agree() {
    Learner learner = coach.learner(player.id()).learner();
    coach.keepLearner(
        player.id(), learner.withWeek(week()).withMinutesByWeekday(Map.of(DayOfWeek.SATURDAY, 90)));
    coach
        .agreements()
        .keepRounds(
            player.id(), List.of(new Round("final", DAY, List.of(String.valueOf(passage)))));
    coach.agreements().note(passage, LIGHTER);
    coach.putBack(passage, new PutBack(Optional.of("2"), DAY));
  }

  private Packet sent() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PacketWriter.write(coach.packet(player.id()), out);
    return PacketReader.read("oda.fretpacket", out.toByteArray());
  }

  @Test
  void weekRoundsMinutesAndNotesStayInTheBook() throws Exception {
    agree();
    coach.close();
    coach = Book.open(folder.resolve("coach.fretbook"));
    Learner learner = coach.learner(player.id()).learner();
    assertThat(learner.week()).isEqualTo(week());
    assertThat(learner.minutesByWeekday()).isEqualTo(Map.of(DayOfWeek.SATURDAY, 90));
    assertThat(coach.agreements().rounds(player.id()).rows())
        .containsExactly(new Round("final", DAY, List.of(String.valueOf(passage))));
    assertThat(coach.agreements().notes(passage).rows()).containsExactly(LIGHTER);
    coach.agreements().removeNote(passage, LIGHTER);
    assertThat(coach.agreements().notes(passage).rows()).isEmpty();
  }

  @Test
  void aCardOfTheWeekGoesWithItsItem() {
    agree();
    coach.removeOtherItem(study);
    assertThat(coach.learner(player.id()).learner().week())
        .extracting(FixedCard::item)
        .containsExactly(String.valueOf(passage));
  }

  @Test
  void aListIsDrawnForOneDay() {
    Agreements agreements = coach.agreements();
    agreements.keepDrawn(player.id(), DAY, List.of(String.valueOf(passage)));
    assertThat(agreements.drawn(player.id(), DAY)).containsExactly(String.valueOf(passage));
    assertThat(agreements.drawn(player.id(), DAY.plusDays(1))).isEmpty();
    agreements.keepDrawn(player.id(), DAY, List.of());
    assertThat(agreements.drawn(player.id(), DAY)).isEmpty();
  }

  @Test
  void allOfItTravelsInAPacket() throws Exception {
    agree();
    Merged merged = student.take(sent());
    assertThat(merged.conflicts()).isEmpty();
    long there = student.players().rows().get(0).id();
    long theirs = student.passages(there).rows().get(0).id();
    long theirStudy = student.otherItems(there).rows().get(0).id();
    assertThat(student.learner(there).learner().week())
        .extracting(FixedCard::item)
        .containsExactly(String.valueOf(theirs), OtherItem.ITEM_PREFIX + theirStudy);
    assertThat(student.learner(there).learner().minutesByWeekday())
        .containsEntry(DayOfWeek.SATURDAY, 90);
    assertThat(student.agreements().rounds(there).rows())
        .containsExactly(new Round("final", DAY, List.of(String.valueOf(theirs))));
    assertThat(student.agreements().notes(theirs).rows()).containsExactly(LIGHTER);
    assertThat(student.putBacks(theirs).rows()).containsExactly(new PutBack(Optional.of("2"), DAY));
  }

  @Test
  void takenInTwiceItIsThereOnce() throws Exception {
    agree();
    student.take(sent());
    Merged again = student.take(sent());
    long there = student.players().rows().get(0).id();
    long theirs = student.passages(there).rows().get(0).id();
    assertThat(again.newDecisions()).isZero();
    assertThat(again.conflicts()).isEmpty();
    assertThat(student.agreements().notes(theirs).rows()).hasSize(1);
    assertThat(student.putBacks(theirs).rows()).hasSize(1);
  }

  @Test
  void anotherWeekAndAnotherRoundAreToldAndTakenWhenAsked() throws Exception {
    agree();
    student.take(sent());
    Learner learner = coach.learner(player.id()).learner();
    coach.keepLearner(player.id(), learner.withWeek(week().subList(0, 1)));
    coach
        .agreements()
        .keepRounds(
            player.id(),
            List.of(new Round("final", DAY.plusDays(2), List.of(String.valueOf(passage)))));
    Packet packet = sent();
    Merged merged = student.take(packet);
    long there = student.players().rows().get(0).id();
    assertThat(merged.conflicts())
        .extracting(Merged.Conflict::item, Merged.Conflict::here, Merged.Conflict::theirs)
        .containsExactlyInAnyOrder(
            tuple("the week that was set", "2 cards, 18 min", "1 card, 9 min"),
            tuple("final", "2026-12-01, 1 passage", "2026-12-03, 1 passage"));
    assertThat(student.learner(there).learner().week()).hasSize(2);
    student.takeTheirs(packet, merged, merged.conflicts());
    assertThat(student.learner(there).learner().week()).hasSize(1);
    assertThat(student.agreements().rounds(there).rows())
        .extracting(Round::date)
        .containsExactly(DAY.plusDays(2));
  }

  @Test
  void oneOfTwoInstrumentsHasTheSameHandAndTheSameDay() {
    BookPlayer viola = coach.addPlayer("Oda Merrin", PlayerSetup.of("viola", 70.0, 370));
    coach.keepLearner(viola.id(), coach.learner(viola.id()).learner().withMinutes(50));
    assertThat(coach.learner(player.id()).learner().minutesPerDay()).isEqualTo(50);
    coach.tickCard(viola.id(), DAY, "a", true);
    assertThat(coach.cardsDone(player.id(), DAY)).containsExactly("a");
    assertThat(coach.otherItems(viola.id()).rows()).hasSize(1);
    coach.keepSetup(viola.id(), viola.setup().withComfortableMm(77));
    PlayerSetup violin = coach.players().rows().get(0).setup();
    assertThat(share(violin)).isCloseTo(share(viola.setup().withComfortableMm(77)), within(0.01));
    coach.keepSetup(viola.id(), viola.setup().withComfortableMm(77).withA4Hz(442));
    assertThat(coach.players().rows().get(0).setup()).isEqualTo(violin);
  }

  private static double share(PlayerSetup setup) {
    var size = Instruments.named(setup.instrument()).handSize();
    return setup.comfortableMm() / Hand.of(Hand.Preset.MEDIUM, size).comfortableMm();
  }

  @ParameterizedTest
  @CsvSource({"12:34, 754, 12:34", "1:02:03, 3723, 1:02:03", "0:07, 7, 0:07"})
  void aPlaceInAVideoIsReadAndSaid(String text, int seconds, String said) {
    assertThat(VideoPlace.seconds(text)).isEqualTo(seconds);
    assertThat(new VideoPlace("a.mp4", seconds).time()).isEqualTo(said);
  }

  @ParameterizedTest
  @ValueSource(strings = {"12", "a:b", "", "1:2:3:4"})
  void whatIsNoTimeIsSaid(String text) {
    assertThatThrownBy(() -> VideoPlace.seconds(text)).hasMessageContaining("12:34");
  }

  @Test
  void aNoteSaysWhoWhereAndWhat() {
    assertThat(LIGHTER.line()).isEqualTo("jury, bar 7: lighter (lesson.mp4 at 12:34)");
  }
}
