package app.fret.practice.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * Hits of a spot that loads the hand: five in a row and twenty a day, common practice, no source.
 */
class SpotCountTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 26);
  private static final Spot REACH =
      new Spot("7:2", "bar 7, a tenth", List.of("lower-both-upper"), true);

  private final List<LoggedPass> log = new ArrayList<>();

  private void play(String item, CardKind card, Optional<String> spot, boolean without, int hits) {
    log.add(new LoggedPass(item, DAY, 60, true, 10, false, spot, without, false, card, hits));
  }

  private void ladder(String item) {
    play(item, CardKind.LADDER, Optional.empty(), false, 1);
  }

  private SpotCount count() {
    return SpotCount.of("a", REACH, log);
  }

  @Test
  void everyFormCounts() {
    for (CardKind kind :
        List.of(
            CardKind.LADDER,
            CardKind.RHYTHM,
            CardKind.WHOLE_CLIMB,
            CardKind.TRIAL,
            CardKind.MOCK)) {
      play("a", kind, Optional.empty(), false, 1);
    }
    assertThat(count().today()).isEqualTo(5);
    assertThat(count().isFull()).isTrue();
    assertThat(count().isFullForToday()).isFalse();
  }

  @Test
  void aDrillCountsForItsOwnSpotAsOftenAsItPlaysIt() {
    play("a", CardKind.DRILL, Optional.of("7:2"), false, 3);
    play("a", CardKind.DRILL, Optional.of("2:1"), false, 3);
    assertThat(count().today()).isEqualTo(3);
    assertThat(count().inARow()).as("a drill of another place ends the run").isZero();
  }

  @Test
  void anotherPassageEndsARun() {
    ladder("a");
    ladder("a");
    ladder("b");
    ladder("a");
    assertThat(count()).isEqualTo(new SpotCount(REACH, 3, 1, SpotCount.CAP));
  }

  @Test
  void aPassWithoutTheSpotEndsARunAndIsNoHit() {
    for (int i = 0; i < 5; i++) {
      ladder("a");
    }
    assertThat(count().isFull()).isTrue();
    play("a", CardKind.LADDER, Optional.empty(), true, 1);
    assertThat(count()).isEqualTo(new SpotCount(REACH, 5, 0, SpotCount.CAP));
    assertThat(count().isFull()).isFalse();
  }

  @Test
  void afterTwentyADayItStaysOut() {
    for (int i = 0; i < 20; i++) {
      ladder("a");
      ladder("b");
    }
    assertThat(count().inARow()).isZero();
    assertThat(count().isFullForToday()).isTrue();
    assertThat(count().isFull()).isTrue();
  }
}
