package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.climb;
import static app.fret.practice.schedule.Programmes.pass;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/**
 * Pain comes before everything (common practice, no source). The passage has a shift in bar 3 and a
 * run in bar 4.
 */
class SparingTest {
  private static final Item ITEM = passage("a", 120, 60, TODAY.plusDays(40));
  private static final Item OTHER = passage("b", 100, 60, TODAY.plusDays(40));

  private final List<LoggedPass> log = new ArrayList<>();

  @BeforeEach
  void aWeekOfPractice() {
    log.addAll(climb(ITEM, 7, 60, 66, 72, 78, 84));
  }

  private static LoggedPass hurt(LocalDate day, Optional<String> spot) {
    return new LoggedPass("a", day, 84, false, 20, false, spot, false, true, CardKind.LADDER);
  }

  private List<Card> cards(LocalDate day) {
    List<Item> items = List.of(ITEM, OTHER);
    return Schedule.of(LEARNER, items, log, day, 1, 1).days().get(0).cards().stream()
        .filter(c -> c.item().filter(ITEM::equals).isPresent())
        .toList();
  }

  private Sparing sparing(LocalDate day) {
    return Standing.of(ITEM, log, day).sparing();
  }

  private static int minutes(List<Card> cards) {
    return cards.stream().mapToInt(Card::minutes).sum();
  }

  private static OptionalDouble ladder(List<Card> cards) {
    return cards.stream()
        .filter(c -> c.kind() == CardKind.LADDER)
        .findFirst()
        .orElseThrow()
        .perMinute();
  }

  private void painless(LocalDate day) {
    log.add(pass("a", day, 78, true));
  }

  @Test
  void aHurtIsNoMiss() {
    Standing before = Standing.of(ITEM, log, TODAY);
    log.add(hurt(TODAY, Optional.of("3:2")));
    log.add(hurt(TODAY, Optional.of("3:2")));
    Standing after = Standing.of(ITEM, log, TODAY);
    assertThat(after.spotScore("3:2")).isEqualTo(before.spotScore("3:2"));
    assertThat(after.missingSpot()).isEmpty();
    assertThat(after.theta()).isEqualTo(before.theta());
    assertThat(after.climb().rung()).isEqualTo(before.climb().rung());
  }

  @Test
  void whatIsMarkedCleanAndHurtCountsAsNeither() {
    LoggedPass both =
        new LoggedPass(
            "a", TODAY, 84, true, 20, false, Optional.of("3:2"), false, true, CardKind.DRILL);
    assertThat(both.isClean()).isFalse();
    assertThat(both.isMiss()).isFalse();
    log.add(both);
    assertThat(Standing.of(ITEM, log, TODAY).drillDaysOf("3:2")).isZero();
  }

  @Test
  void thatDayThePassageGoesSlowerAndWithoutTheBar() {
    double usual = ladder(cards(TODAY)).orElseThrow();
    log.add(hurt(TODAY, Optional.of("3:2")));
    List<Card> cards = cards(TODAY);
    assertThat(cards).isNotEmpty();
    assertThat(cards).allMatch(c -> c.kind() == CardKind.LADDER);
    assertThat(cards).allMatch(c -> c.easing().without().equals(List.of("3")));
    assertThat(ladder(cards).orElseThrow()).isLessThan(usual);
    assertThat(cards.get(0).reason())
        .contains("bar 3 hurt today: slower and without it for the rest of the day");
  }

  @Test
  void whereNobodySaidWhereItHurtThePassageIsOverForTheDay() {
    log.add(hurt(TODAY, Optional.empty()));
    assertThat(cards(TODAY)).isEmpty();
    assertThat(sparing(TODAY).sentence(TODAY)).contains("It hurt today: no more of it.");
    assertThat(cards(TODAY.plusDays(1))).isNotEmpty();
  }

  @Test
  void theNextTimeHasHalfTheMinutesTwoRungsLowerWithoutTheBar() {
    LocalDate next = TODAY.plusDays(1);
    List<Card> usual = cards(next);
    log.add(hurt(TODAY, Optional.of("3:2")));
    List<Card> cards = cards(next);
    assertThat(minutes(cards)).isPositive().isLessThanOrEqualTo(minutes(usual) / 2);
    List<Double> rungs = Standing.of(ITEM, log, next).climb().ladder().rungs();
    int before = rungs.indexOf(ladder(usual).orElseThrow());
    assertThat(before).isGreaterThanOrEqualTo(2);
    assertThat(rungs.indexOf(ladder(cards).orElseThrow())).isEqualTo(before - 2);
    assertThat(cards).allMatch(c -> c.easing().without().equals(List.of("3")));
  }

  /** Tomorrow's plan is the same whether it is made today or tomorrow. */
  @Test
  void theDaysAheadArePlannedWithIt() {
    log.add(hurt(TODAY, Optional.of("3:2")));
    Schedule ahead = Schedule.of(LEARNER, List.of(ITEM, OTHER), log, TODAY, 12, 1);
    List<List<Card>> played =
        ahead.days().stream()
            .map(d -> d.cards().stream().filter(c -> c.item().equals(Optional.of(ITEM))).toList())
            .filter(cards -> !cards.isEmpty())
            .toList();
    assertThat(played).hasSizeGreaterThan(6);
    assertThat(played.subList(1, 4))
        .allSatisfy(
            cards -> assertThat(cards).allMatch(c -> c.easing().without().equals(List.of("3"))));
    assertThat(played.get(4)).allMatch(c -> c.easing().halved().equals(List.of("3")));
    assertThat(played.get(5)).allMatch(c -> c.easing().equals(Easing.NONE));
  }

  /** What is off has no count, and is nothing to take care of in the warm-up. */
  @Test
  void whatRestsIsNotCountedInWords() {
    Item loading = Programmes.with(ITEM, "bar 3, a tenth", true);
    List<Card> usual =
        Schedule.of(LEARNER, List.of(loading), log, TODAY, 1, 1).days().get(0).cards();
    assertThat(usual).anyMatch(c -> c.reason().contains("Take care today"));
    assertThat(usual).anyMatch(c -> c.reason().contains("bar 3 at most 5 times in a row"));
    log.add(hurt(TODAY, Optional.of("3:2")));
    List<Card> cards =
        Schedule.of(LEARNER, List.of(loading), log, TODAY, 1, 1).days().get(0).cards();
    assertThat(cards).noneMatch(c -> c.reason().contains("Take care today"));
    assertThat(cards).noneMatch(c -> c.reason().contains("at most 5 times"));
    assertThat(cards).anyMatch(c -> c.reason().contains("bar 3 hurt today"));
  }

  @Test
  void afterThreeContactsFreeOfPainTheBarComesBackByHalf() {
    log.add(hurt(TODAY.minusDays(4), Optional.of("3:2")));
    painless(TODAY.minusDays(3));
    painless(TODAY.minusDays(2));
    assertThat(sparing(TODAY).easing(TODAY).without()).containsExactly("3");
    painless(TODAY.minusDays(1));
    assertThat(sparing(TODAY).easing(TODAY)).isEqualTo(new Easing(List.of(), List.of("3"), 0));
    assertThat(sparing(TODAY).sentence(TODAY))
        .contains("Bar 3 comes back: at most 2 times in a row and 10 today.");
    painless(TODAY);
    assertThat(sparing(TODAY.plusDays(1)).isEmpty()).isTrue();
  }

  /** A first pass without pain is no reason to play more of it the same day. */
  @Test
  void whatIsPlayedTodayLetsNothingComeBackToday() {
    log.add(hurt(TODAY.minusDays(1), Optional.of("3:2")));
    Easing morning = sparing(TODAY).easing(TODAY);
    assertThat(morning).isEqualTo(new Easing(List.of("3"), List.of(), 2));
    painless(TODAY);
    assertThat(sparing(TODAY).easing(TODAY)).isEqualTo(morning);
    painless(TODAY.plusDays(1));
    painless(TODAY.plusDays(2));
    LocalDate back = TODAY.plusDays(3);
    painless(back);
    assertThat(sparing(back).easing(back)).isEqualTo(new Easing(List.of(), List.of("3"), 0));
  }

  @Test
  void whatIsPutBackLaterIsStillOffNow() {
    log.add(hurt(TODAY.minusDays(6), Optional.of("3:2")));
    log.add(hurt(TODAY.minusDays(5), Optional.of("3:2")));
    Item later = ITEM.withPutBack(List.of(new PutBack(Optional.of("3"), TODAY.plusDays(1))));
    assertThat(Standing.of(later, log, TODAY).sparing().toPutBack()).hasSize(1);
  }

  /** A day on which another bar hurts is none free of pain. */
  @Test
  void painElsewhereDoesNotCountAsFreeOfIt() {
    log.add(hurt(TODAY.minusDays(3), Optional.of("3:2")));
    painless(TODAY.minusDays(2));
    log.add(hurt(TODAY.minusDays(1), Optional.of("9:1")));
    painless(TODAY);
    assertThat(sparing(TODAY.plusDays(1)).words(TODAY.plusDays(1))).contains("bar 3", "2 so far");
  }

  @Test
  void whatHurtsAgainWithinAWeekIsOffUntilItIsPutBack() {
    log.add(hurt(TODAY.minusDays(30), Optional.of("3:2")));
    log.add(hurt(TODAY.minusDays(29), Optional.of("3:4")));
    for (int i = 28; i > 0; i--) {
      painless(TODAY.minusDays(i));
    }
    Sparing off = sparing(TODAY);
    assertThat(off.toPutBack()).containsExactly(Optional.of("3"));
    assertThat(off.easing(TODAY).without()).containsExactly("3");
    assertThat(off.sentence(TODAY).orElseThrow())
        .contains("off until you put it back", "teacher or a clinician");
    Item putBack = ITEM.withPutBack(List.of(new PutBack(Optional.of("3"), TODAY)));
    Sparing back = Standing.of(putBack, log, TODAY).sparing();
    assertThat(back.toPutBack()).isEmpty();
    assertThat(back.easing(TODAY)).isEqualTo(new Easing(List.of(), List.of("3"), 0));
  }

  @Test
  void whatWasPutBackAndHurtsAgainIsOffAgain() {
    log.add(hurt(TODAY.minusDays(6), Optional.of("3:2")));
    log.add(hurt(TODAY.minusDays(5), Optional.of("3:2")));
    Item putBack = ITEM.withPutBack(List.of(new PutBack(Optional.of("3"), TODAY.minusDays(4))));
    painless(TODAY.minusDays(4));
    assertThat(Standing.of(putBack, log, TODAY).sparing().isEmpty()).isTrue();
    log.add(hurt(TODAY, Optional.of("3:2")));
    assertThat(Standing.of(putBack, log, TODAY).sparing().toPutBack())
        .containsExactly(Optional.of("3"));
  }

  @Test
  void aSecondHurtLongAfterIsAFirstOne() {
    log.add(hurt(TODAY.minusDays(20), Optional.of("3:2")));
    log.add(hurt(TODAY.minusDays(8), Optional.of("3:2")));
    assertThat(sparing(TODAY).toPutBack()).isEmpty();
  }

  @Test
  void aReadyPassageHasNoRunThroughWhileABarRests() {
    LocalDate day = ITEM.due().orElseThrow().minusDays(2);
    assertThat(cards(day)).anyMatch(c -> c.kind() == CardKind.MOCK);
    log.add(hurt(day.minusDays(1), Optional.of("3:2")));
    assertThat(cards(day)).isNotEmpty().noneMatch(c -> c.kind() == CardKind.MOCK);
  }

  /** Another version of the same music is the same load, but its bars are not known here. */
  @Test
  void painInTheSameMusicElsewhereCountsHere() {
    log.add(hurt(TODAY, Optional.of("3:2")));
    Kinships same = new Kinships(Map.of("a", Map.of("b", 1.0), "b", Map.of("a", 1.0)));
    Standing twin = Standing.of(OTHER, List.of(ITEM, OTHER), same, log, TODAY);
    assertThat(twin.sparing().isOff(TODAY)).isTrue();
    Standing alone = Standing.of(OTHER, List.of(ITEM, OTHER), Kinships.NONE, log, TODAY);
    assertThat(alone.sparing().isOff(TODAY)).isFalse();
  }
}
