package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.missAt;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What went wrong at a miss, and what it brings (common practice, no source). */
class MissKindTest {
  private static final Spot SPOT =
      new Spot(
          "3:2",
          "bar 3, a shift",
          List.of("there-and-back", "stop-and-shift", "click-off", "bow-alone", "chain-back"),
          false);

  private static final Item ITEM =
      Programmes.with(passage("a", 120, 60, TODAY.plusDays(60)), List.of(SPOT));

  private static LoggedPass missed(MissKind... kinds) {
    List<Miss> misses = new ArrayList<>();
    for (MissKind kind : kinds) {
      misses.add(new Miss(Optional.of("3:2"), kind));
    }
    return missAt("a", TODAY.minusDays(1), 60, "3:2").missing(misses);
  }

  private static Card drill(List<LoggedPass> log) {
    return Schedule.of(LEARNER, List.of(ITEM), log, TODAY, 1, 7).days().get(0).cards().stream()
        .filter(c -> c.kind() == CardKind.DRILL)
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "LOW, stop-and-shift",
    "LATE, there-and-back",
    "EARLY, there-and-back",
    "SCRATCHED, bow-alone",
    "OUT_OF_BOW, bow-alone",
    "MEMORY, chain-back"
  })
  void theDrillFollowsWhatWentWrong(MissKind kind, String drill) {
    assertThat(drill(List.of(missed(kind), missed(kind))).drill()).contains(drill);
  }

  @Test
  void theCardSaysHowOftenAndWhatToMind() {
    MissKind low = MissKind.LOW;
    MissKind other = MissKind.OTHER;
    List<LoggedPass> log =
        List.of(missed(low), missed(low), missed(other), missed(low), missed(other), missed(low));
    assertThat(drill(log).reason()).endsWith("missed lately; low 4 of 6 times: aim beyond it");
  }

  @Test
  void oneMissOfAKindSaysNothing() {
    assertThat(drill(List.of(missed(MissKind.LOW), missed(MissKind.HIGH))).reason())
        .endsWith("missed lately");
    assertThat(drill(List.of(missAt("a", TODAY.minusDays(1), 60, "3:2"))).reason())
        .endsWith("missed lately");
  }

  @Test
  void severalMissesOfOnePassCountEach() {
    LoggedPass twice = missed(MissKind.LATE, MissKind.LATE);
    assertThat(twice.spot()).contains("3:2");
    Standing standing = Standing.of(ITEM, List.of(twice), TODAY);
    assertThat(standing.spotScore("3:2")).isEqualTo(2);
    assertThat(standing.missesAt("3:2").orElseThrow().usual()).contains(MissKind.LATE);
  }

  /** The cap of a spot that loads the hand counts its drills, wherever else they missed. */
  @Test
  void aDrillThatMissedElsewhereStaysOneOfItsSpot() {
    Miss elsewhere = new Miss(Optional.of("3:1"), MissKind.HIGH);
    LoggedPass drill = missAt("a", TODAY, 60, "3:2").missing(List.of(elsewhere));
    assertThat(drill.spot()).contains("3:2");
    assertThat(Programmes.pass("a", TODAY, 60, false).missing(List.of(elsewhere)).spot())
        .contains("3:1");
  }

  @Test
  void aCleanPassHasNoMisses() {
    LoggedPass clean = Programmes.pass("a", TODAY, 60, true);
    assertThat(clean.misses()).isEmpty();
    assertThat(Programmes.pass("a", TODAY, 60, false).misses())
        .containsExactly(new Miss(Optional.empty(), MissKind.OTHER));
  }

  @ParameterizedTest
  @EnumSource
  void everyKindIsFoundUnderItsNameAndHasAdvice(MissKind kind) {
    assertThat(MissKind.ofId(kind.id())).contains(kind);
    assertThat(kind.advice().isBlank()).isEqualTo(kind == MissKind.OTHER);
  }
}
