package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.climb;
import static app.fret.practice.schedule.Programmes.missAt;
import static app.fret.practice.schedule.Programmes.pass;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** How a passage stands after its log. */
class StandingTest {
  private final Item item = Programmes.passage("a", 120, 60, TODAY.plusDays(90));
  private final List<LoggedPass> log = new ArrayList<>();

  private Standing standing() {
    return Standing.of(item, log, TODAY);
  }

  private LoggedPass target(int daysAgo, boolean clean) {
    return pass("a", TODAY.minusDays(daysAgo), 120, clean, true);
  }

  private void passTheTarget() {
    log.addAll(climb(item, 20, 60, 70, 80, 90, 100, 110, 120));
  }

  @Test
  void withoutALogTheEstimateIsWhatWasClean() {
    assertThat(standing().theta()).isCloseTo(Math.log(0.5), within(1e-12));
    Item better = Programmes.passage("a", 120, 96, TODAY.plusDays(90));
    assertThat(Standing.of(better, log, TODAY).theta()).isCloseTo(Math.log(0.8), within(1e-12));
  }

  @Test
  void theStartIsNeverBelowHalfTheTarget() {
    Item slow = Programmes.passage("a", 120, 30, TODAY.plusDays(90));
    assertThat(Standing.of(slow, log, TODAY).theta()).isCloseTo(Math.log(0.5), within(1e-12));
  }

  /** The step of the model, worked out by hand: 0.018 of what surprised. */
  @Test
  void aPassMovesTheEstimateByWhatItSurprises() {
    log.add(pass("a", TODAY, 60, true));
    double chance = 1 / (1 + Math.exp(-0.04 / 0.07));
    assertThat(standing().theta()).isCloseTo(Math.log(0.5) + 0.018 * (1 - chance), within(1e-12));
  }

  @Test
  void aColdPassMovesItHalfAsMuchAgain() {
    log.add(pass("a", TODAY, 60, true, true));
    double chance = 1 / (1 + Math.exp(-0.04 / 0.07));
    assertThat(standing().theta()).isCloseTo(Math.log(0.5) + 0.027 * (1 - chance), within(1e-12));
  }

  @Test
  void aPassWithoutItsSpotTellsNothing() {
    LoggedPass whole = pass("a", TODAY, 60, true);
    log.add(
        new LoggedPass(
            "a", TODAY, 60, true, 20, false, Optional.empty(), true, false, CardKind.LADDER));
    assertThat(standing().theta()).isEqualTo(standing().theta0());
    assertThat(standing().climb().cleanInARow()).isZero();
    log.add(whole);
    assertThat(standing().theta()).isGreaterThan(standing().theta0());
    assertThat(standing().climb().cleanInARow()).isEqualTo(1);
  }

  @Test
  void passesOfOtherItemsAndOfTomorrowAreLeftOut() {
    log.add(pass("b", TODAY, 60, true));
    log.add(pass("a", TODAY.plusDays(1), 60, true));
    assertThat(standing().contacts()).isEmpty();
  }

  @Test
  void theTargetGateAloneIsNotReadiness() {
    passTheTarget();
    assertThat(standing().climb().isDone()).isTrue();
    assertThat(standing().isReady()).isFalse();
  }

  @Test
  void threeOfFourColdPassesMakeItReadyIfTheLatestIsClean() {
    passTheTarget();
    log.add(target(9, true));
    log.add(target(8, false));
    log.add(target(7, true));
    assertThat(standing().isReady()).isFalse();
    log.add(target(6, true));
    assertThat(standing().isReady()).isTrue();
  }

  @Test
  void warmPassesNeverMakeItReady() {
    passTheTarget();
    for (int day = 9; day > 5; day--) {
      LocalDate date = TODAY.minusDays(day);
      log.add(pass("a", date, 100, true, true));
      log.add(pass("a", date, 120, true));
    }
    assertThat(standing().isReady()).isFalse();
  }

  @Test
  void twoMissesOfThreeLoseIt() {
    passTheTarget();
    for (int day = 9; day > 6; day--) {
      log.add(target(day, true));
    }
    assertThat(standing().isReady()).isTrue();
    log.add(target(5, false));
    assertThat(standing().isReady()).isTrue();
    log.add(target(4, false));
    assertThat(standing().isReady()).isFalse();
  }

  @Test
  void fiveDaysWithoutANewRungAreAPlateau() {
    log.addAll(climb(item, 20, 60, 70));
    for (int day = 5; day > 1; day--) {
      log.add(pass("a", TODAY.minusDays(day), 80, false));
    }
    assertThat(standing().isAtPlateau()).isFalse();
    log.add(pass("a", TODAY.minusDays(1), 80, false));
    assertThat(standing().isAtPlateau()).isTrue();
    log.addAll(climb(item, 0, 80));
    assertThat(standing().isAtPlateau()).isFalse();
  }

  @Test
  void aSpotThatMissesAsksForADrillUntilItFades() {
    assertThat(standing().missingSpot()).isEmpty();
    log.add(missAt("a", TODAY.minusDays(1), 60, "3:2"));
    assertThat(standing().missingSpot()).contains("3:2");
    for (int i = 0; i < 4; i++) {
      log.add(pass("a", TODAY, 60, true));
    }
    assertThat(standing().spotScore("3:2")).isCloseTo(Math.pow(0.97, 4), within(1e-12));
    assertThat(standing().missingSpot()).isEmpty();
  }

  /** A player knows where it went wrong by a note or two. */
  @Test
  void aMissBesideASpotIsOneOfIt() {
    Spot shift =
        new Spot(
            "3:2", "a shift", List.of("join"), false, Map.of("3:1", 0, "3:4", 2, "3", 0), Map.of());
    Spot run =
        new Spot("4:1", "a run", List.of("rhythm"), false, Map.of("3:4", 1, "4:2", 0), Map.of());
    Item known = Programmes.with(item, List.of(shift, run));
    assertThat(known.spotAt("3:2")).contains(shift);
    assertThat(known.spotAt("3:1")).contains(shift);
    assertThat(known.spotAt("3")).as("only the bar is known").contains(shift);
    assertThat(known.spotAt("3:4")).as("nearer").contains(run);
    assertThat(known.spotAt("9:1")).isEmpty();
    log.add(missAt("a", TODAY.minusDays(1), 60, "3:1"));
    log.add(missAt("a", TODAY.minusDays(1), 60, "9:1"));
    Standing standing = Standing.of(known, log, TODAY);
    assertThat(standing.missingSpot()).contains("9:1");
    assertThat(standing.spotScore("3:2")).isPositive();
    assertThat(standing.spotScore("3:1")).isZero();
  }

  private LoggedPass drill(LocalDate day, boolean clean) {
    return new LoggedPass(
        "a", day, 60, clean, 8, false, Optional.of("3:2"), false, false, CardKind.DRILL);
  }

  @Test
  void whatIsMissedThoughItWasDrilledIsDrilledOtherwise() {
    for (int i = 0; i < 8; i++) {
      log.add(drill(TODAY.minusDays(4), true));
    }
    assertThat(standing().turnsOf("3:2")).as("it helped").isZero();
    log.add(missAt("a", TODAY.minusDays(3), 60, "3:2"));
    assertThat(standing().turnsOf("3:2")).as("it did not").isEqualTo(1);
    log.add(missAt("a", TODAY.minusDays(3), 60, "3:2"));
    assertThat(standing().turnsOf("3:2")).as("nothing was drilled since").isEqualTo(1);
    for (int i = 0; i < 8; i++) {
      log.add(drill(TODAY.minusDays(2), false));
    }
    assertThat(standing().turnsOf("3:2")).as("once a day").isEqualTo(2);
  }

  @Test
  void aSpotThatHurtsIsNotDrilledHoweverOftenItMissed() {
    log.add(missAt("a", TODAY, 60, "3:2"));
    log.add(
        new LoggedPass(
            "a", TODAY, 60, false, 20, false, Optional.of("3:2"), false, true, CardKind.DRILL));
    assertThat(standing().missingSpot()).isEmpty();
    assertThat(Standing.of(item, log, TODAY.plusDays(1)).missingSpot()).isEmpty();
    assertThat(standing().spotScore("3:2")).as("the miss is kept").isPositive();
  }
}
