package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.climb;
import static app.fret.practice.schedule.Programmes.other;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A week that a teacher set, rounds with dates of their own, minutes by the day of the week. */
class TeachersWeekTest {
  private static final LocalDate DUE = TODAY.plusDays(60);
  private static final Item A = passage("a", 120, 60, DUE);
  private static final Item B = passage("b", 96, 60, DUE);
  private static final Item SCALE = other("s", Item.Kind.SCALE, 6);

  private static FixedCard card(DayOfWeek day, String item, CardKind kind, int minutes) {
    return new FixedCard(
        day, item, kind, minutes, OptionalDouble.empty(), Optional.empty(), Optional.empty(), "");
  }

  private static List<LoggedPass> log() {
    List<LoggedPass> log = new ArrayList<>();
    List.of(A, B).forEach(i -> log.addAll(climb(i, 8, 60, 64, 68, 72, 76, 80)));
    log.sort(Comparator.comparing(LoggedPass::date));
    return log;
  }

  private static List<Day> days(Learner learner, List<LoggedPass> log) {
    return Schedule.of(learner, List.of(A, B, SCALE), log, TODAY, 14, 7).days();
  }

  private static List<Card> of(Day day, String item) {
    return day.cards().stream()
        .filter(c -> c.item().filter(i -> i.id().equals(item)).isPresent())
        .toList();
  }

  @Test
  void whatATeacherSetStandsOnItsDayFirstInItsOrderAndWithItsMinutes() {
    FixedCard run =
        new FixedCard(
            DayOfWeek.THURSDAY,
            "b",
            CardKind.DRILL,
            7,
            OptionalDouble.of(66),
            Optional.of("guide-slide"),
            Optional.of("3:2"),
            "thumb under the second finger");
    Learner learner =
        LEARNER.withWeek(List.of(card(DayOfWeek.THURSDAY, "s", CardKind.SCALE, 12), run));
    List<Day> thursdays =
        days(learner, log()).stream()
            .filter(d -> d.date().getDayOfWeek() == DayOfWeek.THURSDAY)
            .toList();
    assertThat(thursdays).hasSize(2);
    for (Day day : thursdays) {
      List<Card> played = day.cards().stream().filter(c -> c.item().isPresent()).toList();
      assertThat(played.get(0).kind()).isEqualTo(CardKind.SCALE);
      assertThat(played.get(0).minutes()).isEqualTo(12);
      Card drill = played.get(1);
      assertThat(drill.drill()).contains("guide-slide");
      assertThat(drill.spot().map(Spot::place)).contains("3:2");
      assertThat(drill.perMinute()).hasValue(66);
      assertThat(drill.minutes()).isEqualTo(7);
      assertThat(drill.reason())
          .isEqualTo("set by your teacher for Thursdays: thumb under the second finger");
      assertThat(of(day, "b")).as("nothing is added to it").hasSize(1);
      assertThat(of(day, "a")).as("what is left is planned").isNotEmpty();
      assertThat(day.minutes()).isLessThanOrEqualTo(LEARNER.minutesPerDay());
    }
  }

  @Test
  void onOtherDaysNothingChanges() {
    Learner learner = LEARNER.withWeek(List.of(card(DayOfWeek.THURSDAY, "b", CardKind.LADDER, 12)));
    Day today = days(learner, log()).get(0);
    assertThat(today).isEqualTo(days(LEARNER, log()).get(0));
  }

  @Test
  void aDayGrowsToWhatATeacherSet() {
    Learner learner =
        LEARNER
            .withMinutes(20)
            .withWeek(List.of(card(DayOfWeek.WEDNESDAY, "a", CardKind.LADDER, 45)));
    Day day = days(learner, log()).get(0);
    int set = of(day, "a").stream().mapToInt(Card::minutes).sum();
    assertThat(set).isEqualTo(45);
    assertThat(day.cards()).extracting(Card::kind).contains(CardKind.BREAK);
  }

  @Test
  void painComesBeforeATeachersWeek() {
    List<LoggedPass> log = new ArrayList<>(log());
    log.add(
        new LoggedPass(
            "b", TODAY, 60, false, 20, false, Optional.empty(), false, true, CardKind.LADDER));
    Learner learner =
        LEARNER.withWeek(List.of(card(DayOfWeek.WEDNESDAY, "b", CardKind.LADDER, 10)));
    assertThat(of(days(learner, log).get(0), "b")).isEmpty();
    assertThat(of(days(learner, log()).get(0), "b")).isNotEmpty();
  }

  @Test
  void aPassageWhoseDateIsOverHasNoCardLeft() {
    Learner learner =
        LEARNER.withWeek(List.of(card(DayOfWeek.WEDNESDAY, "b", CardKind.LADDER, 10)));
    Item over = passage("b", 96, 60, TODAY.minusDays(1));
    Day day = Schedule.of(learner, List.of(A, over), log(), TODAY, 1, 7).days().get(0);
    assertThat(of(day, "b")).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(
      value = CardKind.class,
      names = {"WARM_UP", "BREAK", "TRIAL", "WHOLE_CLIMB"})
  void whatComesByItselfCannotBeSet(CardKind kind) {
    assertThatThrownBy(() -> card(DayOfWeek.MONDAY, "a", kind, 5))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("comes by itself");
  }

  @Test
  void aDayOfTheWeekHasItsOwnMinutes() {
    Learner learner = LEARNER.withMinutesByWeekday(Map.of(DayOfWeek.SATURDAY, 30));
    List<Day> days = days(learner, log());
    assertThat(days)
        .filteredOn(d -> d.date().getDayOfWeek() == DayOfWeek.SATURDAY)
        .hasSize(2)
        .allMatch(d -> d.minutes() <= 30 && d.minutes() > 15);
    assertThat(days)
        .filteredOn(d -> d.date().getDayOfWeek() == DayOfWeek.FRIDAY)
        .allMatch(d -> d.minutes() > 30);
    assertThat(learner.typical().minutesPerDay()).isEqualTo(55);
  }

  @Test
  void aPassageIsPlannedForTheNextRoundItIsAskedIn() {
    LocalDate first = TODAY.plusDays(6);
    LocalDate second = TODAY.plusDays(40);
    List<Round> rounds =
        List.of(
            new Round("second round", second, List.of("a", "b")),
            new Round("first round", first, List.of("a")));
    Item a = passage("a", 120, 60, Optional.<LocalDate>empty()).inRounds(rounds, TODAY);
    Item b = passage("b", 96, 60, Optional.<LocalDate>empty()).inRounds(rounds, TODAY);
    assertThat(a.due()).contains(first);
    assertThat(b.due()).contains(second);
    assertThat(a.inRounds(rounds, first.plusDays(1)).due()).contains(second);
    List<Day> days = Schedule.of(LEARNER, List.of(a, b), log(), TODAY, 12, 7).days();
    assertThat(of(days.get(5), "a"))
        .extracting(Card::reason)
        .anyMatch(r -> r.endsWith("1 day to first round"));
    assertThat(of(days.get(6), "a")).singleElement().satisfies(c -> assertThat(c.passes()).isOne());
    assertThat(days.subList(7, 12))
        .as("it goes on for the round after")
        .anyMatch(d -> !of(d, "a").isEmpty());
  }
}
