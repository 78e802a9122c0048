package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.climb;
import static app.fret.practice.schedule.Programmes.other;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.practice.schedule.ItemOutlook.State;
import app.fret.practice.schedule.Learner.Stance;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Days of cards from a programme and a log. */
class ScheduleTest {
  private static final int DAYS = 60;

  private static List<Item> four() {
    LocalDate due = TODAY.plusDays(61);
    return List.of(
        passage("a", 120, 60, due),
        passage("b", 96, 70, due),
        passage("c", 84, 50, due),
        other("s", Item.Kind.SCALE, 5));
  }

  private static Schedule schedule(Learner learner, List<Item> items, List<LoggedPass> log) {
    return Schedule.of(learner, items, log, TODAY, DAYS, 7);
  }

  private static List<Day> practised(Schedule schedule) {
    List<Day> days = schedule.days().stream().filter(d -> !d.isOff()).toList();
    assertThat(days).isNotEmpty();
    return days;
  }

  /** The example of the model: sixty minutes leave forty-six of playing. */
  @Test
  void sixtyMinutesLeaveFortySixOfPlaying() {
    assertThat(LEARNER.playingMinutes()).isEqualTo(46);
  }

  @ParameterizedTest
  @ValueSource(ints = {5, 15, 25, 30, 45, 60, 90, 150, 240})
  void noDayHoldsMoreThanItsMinutes(int minutes) {
    Schedule schedule = schedule(LEARNER.withMinutes(minutes), four(), List.of());
    assertThat(schedule.days()).hasSize(DAYS);
    assertThat(practised(schedule)).allSatisfy(d -> assertThat(d.minutes()).isBetween(1, minutes));
  }

  @Test
  void daysOffAreOff() {
    Schedule schedule = schedule(LEARNER, four(), List.of());
    assertThat(schedule.days())
        .allSatisfy(
            d -> assertThat(d.isOff()).isEqualTo(d.date().getDayOfWeek() == DayOfWeek.SUNDAY))
        .filteredOn(Day::isOff)
        .isNotEmpty()
        .allSatisfy(d -> assertThat(d.cards()).isEmpty());
  }

  @Test
  void aDayOfAnHourBeginsWithAWarmUpAndRestsInEveryTwentyFiveMinutes() {
    for (Day day : practised(schedule(LEARNER, four(), List.of()))) {
      assertThat(day.cards().get(0).kind()).isEqualTo(CardKind.WARM_UP);
      int played = 0;
      for (Card card : day.cards().subList(1, day.cards().size())) {
        played = card.kind() == CardKind.BREAK ? 0 : played + card.minutes();
        assertThat(played).isLessThanOrEqualTo(24);
      }
    }
  }

  @Test
  void noVisitLastsOverTenMinutesAndNoPassageComesTwiceInARow() {
    int visits = 0;
    for (Day day : practised(schedule(LEARNER, four(), List.of()))) {
      int[] minutes = new int[100];
      Optional<Item> last = Optional.empty();
      int visit = 0;
      for (Card card : day.cards()) {
        if (card.item().isPresent()) {
          minutes[card.visit()] += card.minutes();
          if (card.visit() != visit && visit > 1) {
            assertThat(card.item()).isNotEqualTo(last);
            visits++;
          }
          visit = card.visit();
          last = card.item();
        }
      }
      assertThat(IntStream.of(minutes).max().orElseThrow()).as("%s", day.date()).isLessThan(11);
    }
    assertThat(visits).isGreaterThan(DAYS);
  }

  @Test
  void everyCardHasAReasonAndEveryPlayedPassageATempo() {
    for (Day day : practised(schedule(LEARNER, four(), List.of()))) {
      assertThat(day.cards())
          .isNotEmpty()
          .allSatisfy(c -> assertThat(c.reason()).isNotBlank())
          .filteredOn(c -> c.item().filter(Item::isPassage).isPresent())
          .isNotEmpty()
          .allSatisfy(c -> assertThat(c.perMinute()).isPresent());
    }
  }

  @Test
  void rhythmDaysNeverFollowEachOtherAndAreTwoAWeek() {
    List<LocalDate> rhythms = new ArrayList<>();
    for (Day day : practised(schedule(LEARNER, four(), List.of()))) {
      day.cards().stream()
          .filter(c -> c.kind() == CardKind.RHYTHM)
          .filter(c -> c.item().orElseThrow().id().equals("a"))
          .forEach(c -> rhythms.add(day.date()));
    }
    List<LocalDate> days = rhythms.stream().distinct().toList();
    assertThat(days).hasSizeGreaterThan(4);
    for (int i = 1; i < days.size(); i++) {
      assertThat(ChronoUnit.DAYS.between(days.get(i - 1), days.get(i))).isGreaterThan(1);
    }
    for (int i = 2; i < days.size(); i++) {
      assertThat(ChronoUnit.DAYS.between(days.get(i - 2), days.get(i))).isGreaterThanOrEqualTo(7);
    }
  }

  @Test
  void atAPlateauTheRhythmsGoRungByRungAsFarAsTheVisitReaches() {
    Item item = passage("a", 120, 60, TODAY.plusDays(60));
    List<LoggedPass> log = new ArrayList<>();
    for (int ago = 7; ago > 0; ago--) {
      log.add(Programmes.pass("a", TODAY.minusDays(ago), 60, false));
    }
    Card climb =
        Schedule.of(LEARNER.withMinutes(90), List.of(item), log, TODAY, 1, 7)
            .days()
            .get(0)
            .cards()
            .stream()
            .filter(c -> c.kind() == CardKind.WHOLE_CLIMB)
            .findFirst()
            .orElseThrow();
    assertThat(climb.passes()).isPositive().matches(p -> p % 6 == 0);
    assertThat(climb.minutes()).isLessThanOrEqualTo(10);
    assertThat(climb.reason()).contains("no new rung in five days", "rung by rung, 60 to");
  }

  @Test
  void noPassageIsNeglectedForMoreThanThreeDaysOfPractice() {
    List<Day> days = practised(schedule(LEARNER, four(), List.of()));
    for (String id : List.of("a", "b", "c")) {
      int without = 0;
      for (Day day : days) {
        boolean there =
            day.cards().stream().anyMatch(c -> c.item().filter(i -> i.id().equals(id)).isPresent());
        without = there ? 0 : without + 1;
        assertThat(without).as("%s on %s", id, day.date()).isLessThan(3);
      }
    }
  }

  @Test
  void behindTheReadyDayTheListIsRunThroughEveryThirdDayAndDailyAtTheEnd() {
    LocalDate due = TODAY.plusDays(61);
    List<LocalDate> mocks =
        practised(schedule(LEARNER, four(), List.of())).stream()
            .filter(d -> d.cards().stream().anyMatch(c -> c.kind() == CardKind.MOCK))
            .map(Day::date)
            .toList();
    assertThat(mocks).isNotEmpty().allSatisfy(d -> assertThat(d).isAfter(due.minusDays(21)));
    assertThat(mocks).contains(due.minusDays(4), due.minusDays(3));
  }

  @Test
  void theOrderOfARunThroughIsDrawnFromTheSeed() {
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      items.add(passage("p" + i, 100, 80, TODAY.plusDays(4)));
    }
    List<LoggedPass> log =
        items.stream().map(i -> Programmes.pass(i.id(), TODAY.minusDays(10), 80, true)).toList();
    List<List<String>> orders = new ArrayList<>();
    for (long seed : new long[] {1, 1, 2, 3}) {
      Day day = Schedule.of(LEARNER, items, log, TODAY.plusDays(3), 1, seed).days().get(0);
      orders.add(
          day.cards().stream()
              .filter(c -> c.kind() == CardKind.MOCK)
              .map(c -> c.item().orElseThrow().id())
              .toList());
    }
    assertThat(orders.get(0)).hasSize(8).isEqualTo(orders.get(1));
    assertThat(Set.copyOf(orders)).hasSizeGreaterThan(1);
  }

  @Test
  void missedDaysDoNotPileUp() {
    List<Item> items = four();
    List<LoggedPass> early = climb(items.get(0), 30, 60, 70);
    List<LoggedPass> late = climb(items.get(0), 3, 60, 70);
    for (List<LoggedPass> log : List.of(early, late)) {
      assertThat(schedule(LEARNER, items, log).days().get(0).minutes()).isLessThanOrEqualTo(60);
    }
  }

  @Test
  void aDateThatCannotBeMetIsSaidWithWhatCouldGive() {
    List<Item> items =
        List.of(
            passage("a", 120, 60, TODAY.plusDays(30)),
            passage("b", 120, 100, TODAY.plusDays(30)),
            passage("c", 120, 60, TODAY.plusDays(3)));
    Schedule schedule = schedule(LEARNER, items, List.of());
    ItemOutlook hopeless = schedule.item("c").orElseThrow();
    assertThat(hopeless.state()).isEqualTo(State.CANNOT);
    assertThat(hopeless.warning()).isPresent();
    assertThat(schedule.offers())
        .allSatisfy(o -> assertThat(o.text()).contains("about"))
        .anySatisfy(
            o -> {
              assertThat(o.text()).startsWith("Passage c at about");
              assertThat(o.figure()).isBetween(0.4, 0.6);
            });
  }

  @Test
  void moreMinutesAreOfferedWhereTheyHelp() {
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      items.add(passage("p" + i, 120, 95, TODAY.plusDays(30)));
    }
    items.add(passage("late", 120, 60, TODAY.plusDays(10)));
    assertThat(schedule(LEARNER, items, List.of()).offers())
        .filteredOn(o -> o.kind() == Offer.Kind.MINUTES)
        .isNotEmpty()
        .allSatisfy(o -> assertThat(o.figure()).isBetween(61.0, 90.0));
  }

  private static Optional<Forecast> forecast(Item item, List<LoggedPass> log) {
    return Forecast.of(Standing.of(item, log, TODAY), TODAY);
  }

  @Test
  void beforeSixDaysOfContactNothingIsForecast() {
    Item item = passage("a", 120, 60, TODAY.plusDays(90));
    assertThat(forecast(item, climb(item, 5, 60, 70, 80, 90, 100))).isEmpty();
    assertThat(forecast(item, climb(item, 6, 60, 70, 80, 90, 100, 110)))
        .hasValueSatisfying(
            f -> {
              assertThat(f.isProvisional()).isTrue();
              assertThat(f.low()).isBeforeOrEqualTo(f.mid());
              assertThat(f.mid()).isBeforeOrEqualTo(f.high());
            });
  }

  @Test
  void afterTwoWeeksOfSilenceTheForecastIsTakenBack() {
    Item item = passage("a", 120, 60, TODAY.plusDays(90));
    List<LoggedPass> log = climb(item, 30, 60, 70, 80, 90, 100, 110, 120);
    assertThat(outlook(item, log).forecast()).isEmpty();
  }

  @Test
  void aReadyPassageSaysSoWhateverTheForecast() {
    Item item = passage("a", 120, 60, TODAY.plusDays(90));
    List<LoggedPass> log =
        new ArrayList<>(climb(item, 12, 60, 70, 80, 90, 100, 110, 120, 120, 120, 120, 120));
    assertThat(outlook(item, log).state()).isEqualTo(State.READY);
  }

  private static ItemOutlook outlook(Item item, List<LoggedPass> log) {
    return schedule(LEARNER, List.of(item), log).item("a").orElseThrow();
  }

  @Test
  void theReadyDayIsThreeWeeksBeforeTheDateOrAQuarterOfAShorterTime() {
    Item far = passage("a", 120, 60, TODAY.plusDays(42));
    assertThat(far.readyBy(TODAY)).contains(TODAY.plusDays(21));
    Item near = passage("a", 120, 60, TODAY.plusDays(40));
    assertThat(near.readyBy(TODAY)).contains(TODAY.plusDays(30));
    Item soon = passage("a", 120, 60, TODAY.plusDays(6));
    assertThat(soon.readyBy(TODAY)).contains(TODAY.plusDays(3));
  }

  /** A passage, and a scale and a study of which a quarter of the day holds one. */
  private static List<Item> withTurns() {
    return List.of(
        passage("a", 120, 60, TODAY.plusDays(61)),
        other("s", Item.Kind.SCALE, 8),
        other("t", Item.Kind.STUDY, 8));
  }

  @Test
  void scalesAndStudiesTakeTurns() {
    Schedule schedule = schedule(LEARNER, withTurns(), List.of());
    List<CardKind> turns = new ArrayList<>();
    for (Day day : practised(schedule).subList(0, 6)) {
      day.cards().stream()
          .map(Card::kind)
          .filter(k -> k == CardKind.SCALE || k == CardKind.STUDY)
          .forEach(turns::add);
    }
    assertThat(turns)
        .containsExactly(
            CardKind.SCALE,
            CardKind.STUDY,
            CardKind.SCALE,
            CardKind.STUDY,
            CardKind.SCALE,
            CardKind.STUDY);
  }

  /** What had its turn yesterday does not have it again before the others. */
  @Test
  void turnsAreRememberedByTheLog() {
    LoggedPass scale =
        new LoggedPass(
            "s",
            TODAY.minusDays(1),
            60,
            true,
            480,
            false,
            Optional.empty(),
            false,
            false,
            CardKind.SCALE);
    List<Card> today = schedule(LEARNER, withTurns(), List.of(scale)).days().get(0).cards();
    assertThat(today)
        .extracting(Card::kind)
        .contains(CardKind.STUDY)
        .doesNotContain(CardKind.SCALE);
  }

  @Test
  void aStudyLongerThanItsShareHasWhatThereIs() {
    List<Item> items =
        List.of(passage("a", 120, 60, TODAY.plusDays(61)), other("t", Item.Kind.STUDY, 30));
    List<Card> today = schedule(LEARNER, items, List.of()).days().get(0).cards();
    assertThat(today)
        .filteredOn(c -> c.kind() == CardKind.STUDY)
        .isNotEmpty()
        .extracting(Card::minutes)
        .allSatisfy(minutes -> assertThat(minutes).isBetween(4, 46 / 4));
  }

  @Test
  void aPassageWithATrialComesUpEveryDay() {
    Item tried = Programmes.tried("b", 120, 60, TODAY.plusDays(61));
    List<Item> items =
        List.of(
            passage("a", 120, 60, TODAY.plusDays(61)),
            tried,
            passage("c", 120, 60, TODAY.plusDays(61)),
            passage("d", 120, 60, TODAY.plusDays(61)));
    List<Day> days = practised(schedule(LEARNER.withMinutes(30), items, List.of())).subList(0, 8);
    assertThat(days)
        .allSatisfy(
            day ->
                assertThat(day.cards())
                    .filteredOn(c -> c.kind() == CardKind.TRIAL)
                    .extracting(c -> c.item().orElseThrow())
                    .containsExactly(tried));
  }

  @Test
  void theWarmUpReadsWhatAsksForCareToday() {
    Item reach = Programmes.with(passage("a", 120, 60, TODAY.plusDays(61)), "bar 3, a reach", true);
    Item plain = passage("b", 120, 60, TODAY.plusDays(61));
    Card warmUp = schedule(LEARNER, List.of(reach, plain), List.of()).days().get(0).cards().get(0);
    assertThat(warmUp.reason())
        .contains(
            "Take care today: Passage a, bar 3, a reach. At most 5 times in a row and 20 a day")
        .endsWith("stop at any pain and ask your teacher or a clinician")
        .doesNotContain("Passage b");
    Card without = schedule(LEARNER, List.of(plain), List.of()).days().get(0).cards().get(0);
    assertThat(without.reason()).doesNotContain("care");
  }

  @Test
  void theSameArgumentsGiveTheSameDays() {
    assertThat(schedule(LEARNER, four(), List.of()).days())
        .isEqualTo(schedule(LEARNER, four(), List.of()).days());
  }

  @Test
  void anEmptyProgrammeHasEmptyDays() {
    Schedule schedule = schedule(LEARNER, List.of(), List.of());
    assertThat(schedule.days()).hasSize(DAYS).allSatisfy(d -> assertThat(d.cards()).isEmpty());
    Learner even = new Learner(60, Set.of(), 2, Stance.EVEN);
    assertThat(schedule(even, List.of(), List.of()).offers()).isEmpty();
  }
}
