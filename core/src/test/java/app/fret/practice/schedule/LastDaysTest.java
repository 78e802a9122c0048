package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.climb;
import static app.fret.practice.schedule.Programmes.other;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The days before a date and the date itself (common practice, no source). */
class LastDaysTest {
  private static final LocalDate DUE = TODAY.plusDays(3);
  private static final Learner EVERY_DAY = LEARNER.withDaysOff(Set.of());

  private static List<Item> late() {
    return List.of(
        passage("a", 120, 60, DUE), passage("b", 96, 60, DUE), passage("c", 84, 60, DUE));
  }

  private static List<LoggedPass> log() {
    List<LoggedPass> log = new ArrayList<>();
    late().forEach(i -> log.addAll(climb(i, 8, 60, 64, 68, 72, 76, 80)));
    log.sort(Comparator.comparing(LoggedPass::date));
    return log;
  }

  private static List<Day> days() {
    return Schedule.of(EVERY_DAY, late(), log(), TODAY, 4, 7).days();
  }

  private static int playing(Day day) {
    return day.cards().stream()
        .filter(c -> c.kind() != CardKind.BREAK && c.kind() != CardKind.WARM_UP)
        .mapToInt(Card::minutes)
        .sum();
  }

  @ParameterizedTest
  @CsvSource({"0, 0.60", "1, 0.45", "2, 0.30"})
  void theLastThreeDaysAreShorterAndShorter(int ahead, double share) {
    double usual = EVERY_DAY.playingMinutes();
    assertThat(playing(days().get(ahead))).isBetween(1, (int) Math.round(usual * share));
  }

  @Test
  void runThroughsComeBeforeDrillsAndNothingIsNew() {
    for (Day day : days().subList(0, 3)) {
      List<CardKind> kinds = day.cards().stream().map(Card::kind).toList();
      assertThat(kinds).doesNotContain(CardKind.RHYTHM, CardKind.WHOLE_CLIMB, CardKind.TRIAL);
      assertThat(kinds).contains(CardKind.MOCK);
      int lastMock = kinds.lastIndexOf(CardKind.MOCK);
      List<CardKind> worked = List.of(CardKind.DRILL, CardKind.LADDER);
      assertThat(kinds.subList(0, lastMock)).doesNotContainAnyElementsOf(worked);
    }
  }

  @Test
  void onTheDayItselfThereIsAWarmUpAndOneSlowPass() {
    Day day = days().get(3);
    assertThat(day.cards())
        .extracting(Card::kind)
        .containsExactly(CardKind.WARM_UP, CardKind.UPKEEP, CardKind.UPKEEP, CardKind.UPKEEP);
    assertThat(day.cards().subList(1, 4))
        .allSatisfy(
            c -> {
              assertThat(c.passes()).isEqualTo(1);
              double target = c.item().orElseThrow().target().perMinute();
              assertThat(c.perMinute().orElseThrow()).isLessThanOrEqualTo(0.75 * target);
            });
    assertThat(day.spare()).hasValueSatisfying(s -> assertThat(s).contains("on the day itself"));
  }

  @Test
  void whatIsBehindHasTheMinutesOfTheLastDaysFirst() {
    List<Item> items =
        List.of(passage("a", 120, 60, DUE.minusDays(1)), passage("b", 96, 90, TODAY.plusDays(60)));
    Day day = Schedule.of(EVERY_DAY, items, log(), TODAY, 1, 7).days().get(0);
    int minutes =
        day.cards().stream()
            .filter(c -> c.item().filter(i -> i.id().equals("a")).isPresent())
            .mapToInt(Card::minutes)
            .sum();
    assertThat(minutes).isGreaterThanOrEqualTo(9);
  }

  @Test
  void onlyPassagesOfThatDateAreHeldBack() {
    List<Item> items =
        List.of(passage("a", 120, 60, DUE), passage("b", 96, 60, TODAY.plusDays(60)));
    Day day = Schedule.of(EVERY_DAY, items, log(), DUE, 1, 7).days().get(0);
    assertThat(day.cards())
        .anySatisfy(c -> assertThat(c.kind()).isEqualTo(CardKind.LADDER))
        .filteredOn(c -> c.item().filter(i -> i.id().equals("a")).isPresent())
        .singleElement()
        .satisfies(c -> assertThat(c.passes()).isEqualTo(1));
  }

  @Test
  void noColdPassFollowsTheRunThroughOfTheDay() {
    Item item = passage("a", 120, 60, TODAY.plusDays(12));
    List<LoggedPass> log = climb(item, 20, 60, 70, 80, 90, 100, 110, 120);
    int runThroughs = 0;
    List<Item> both = List.of(item, passage("b", 96, 60, TODAY.plusDays(60)));
    for (Day day : Schedule.of(EVERY_DAY, both, log, TODAY, 11, 7).days()) {
      List<CardKind> own =
          day.cards().stream()
              .filter(c -> c.item().filter(i -> i.id().equals("a")).isPresent())
              .map(Card::kind)
              .toList();
      if (own.contains(CardKind.MOCK)) {
        runThroughs++;
        assertThat(own).as("%s", day.date()).doesNotContain(CardKind.UPKEEP);
      }
    }
    assertThat(runThroughs).isPositive();
  }

  @Test
  void aLadderOrADrillEndsAfterTwelvePasses() {
    Item brief =
        Programmes.with(
            passage("a", 120, 60, TODAY.plusDays(60)),
            List.of(
                new Spot(
                    "3:2",
                    "bar 3, a shift",
                    List.of("guide-slide", "there-and-back"),
                    false,
                    Map.of(),
                    Map.of("guide-slide", 4.0, "there-and-back", 5.0))));
    List<Item> items = List.of(brief, passage("b", 96, 60, TODAY.plusDays(60)));
    List<Card> cards =
        Schedule.of(EVERY_DAY, items, List.of(), TODAY, 20, 7).days().stream()
            .flatMap(d -> d.cards().stream())
            .filter(c -> c.kind() == CardKind.LADDER || c.kind() == CardKind.DRILL)
            .toList();
    assertThat(cards).isNotEmpty().allSatisfy(c -> assertThat(c.passes()).isLessThanOrEqualTo(12));
    assertThat(cards).anySatisfy(c -> assertThat(c.passes()).isEqualTo(12));
  }

  @Test
  void whatIsLeftFreeIsSaid() {
    List<Item> items =
        List.of(passage("a", 120, 60, TODAY.plusDays(60)), other("s", Item.Kind.SCALE, 5));
    Learner long3 = EVERY_DAY.withMinutes(180);
    Day day = Schedule.of(long3, items, List.of(), TODAY, 1, 7).days().get(0);
    assertThat(day.minutes()).isLessThan(60);
    assertThat(day.spare())
        .hasValueSatisfying(
            s -> assertThat(s).startsWith(180 - day.minutes() + " of 180 minutes are free."));
    Day full =
        Schedule.of(EVERY_DAY.withMinutes(20), late(), log(), TODAY.minusDays(30), 1, 7)
            .days()
            .get(0);
    assertThat(full.spare()).isEmpty();
  }

  @Test
  void aSpotHasAnotherDrillAfterThreeDaysAndAnotherSpotItsTurn() {
    Spot one = new Spot("3:2", "bar 3", List.of("guide-slide", "rhythm", "there-and-back"), false);
    Spot two = new Spot("5:1", "bar 5", List.of("bow-alone"), false);
    Item item = Programmes.with(passage("a", 120, 60, TODAY.plusDays(90)), List.of(one, two));
    List<Item> items = List.of(item, passage("b", 96, 60, TODAY.plusDays(90)));
    List<String> drills =
        Schedule.of(EVERY_DAY, items, List.of(), TODAY, 14, 7).days().stream()
            .flatMap(d -> d.cards().stream())
            .filter(c -> c.item().filter(i -> i.id().equals("a")).isPresent())
            .flatMap(c -> c.drill().stream())
            .toList();
    assertThat(drills)
        .startsWith(
            "guide-slide", "guide-slide", "guide-slide", "bow-alone", "bow-alone", "bow-alone")
        .contains("there-and-back")
        .doesNotContain("rhythm");
  }
}
