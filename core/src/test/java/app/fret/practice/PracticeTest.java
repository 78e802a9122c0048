package app.fret.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.practice.Climb.Pass;
import app.fret.reading.Reading;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import app.fret.time.TempoChoices;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PracticeTest {
  private static Ladder ladder(double target) {
    return Ladder.to(new Tempo(BeatUnit.QUARTER, target), OptionalDouble.empty());
  }

  /** Ladders as teachers set them: common practice, no source. */
  @ParameterizedTest
  @CsvSource({
    "120,'60 70 80 90 100 110 120'",
    "132,'66 78 90 102 114 126 132'",
    "116,'58 68 78 88 98 108 116'"
  })
  void ladderClimbsFromHalfTheTargetInRoundSteps(double target, String rungs) {
    List<String> words =
        ladder(target).rungs().stream().map(r -> String.valueOf(r.intValue())).toList();
    assertThat(String.join(" ", words)).isEqualTo(rungs);
  }

  @Test
  void ladderFromFortyToSeventyGoesByFives() {
    Ladder ladder = Ladder.to(new Tempo(BeatUnit.QUARTER, 70), OptionalDouble.of(40));
    assertThat(ladder.rungs()).containsExactly(40.0, 45.0, 50.0, 55.0, 60.0, 65.0, 70.0);
  }

  @Test
  void anOddHalfRoundsUp() {
    assertThat(ladder(133).rungs().get(0)).isEqualTo(67);
  }

  @ParameterizedTest
  @ValueSource(doubles = {40, 54, 63, 72.5, 88, 99, 144, 176, 208, 300})
  void everyLadderHasFiveToNineRisingRungsAndEndsAtTheTarget(double target) {
    List<Double> rungs = ladder(target).rungs();
    assertThat(rungs).hasSizeBetween(5, 9).isSorted().doesNotHaveDuplicates();
    assertThat(rungs.get(rungs.size() - 1)).isEqualTo(target);
  }

  @Test
  void aTargetThatIsCleanAlreadyIsItsOwnLadder() {
    Ladder ladder = Ladder.to(new Tempo(BeatUnit.QUARTER, 80), OptionalDouble.of(96));
    assertThat(ladder.rungs()).containsExactly(80.0);
  }

  /** Source: the Maelzel scale as printed on metronomes. */
  @ParameterizedTest
  @CsvSource({"132,126", "120,116", "60,58", "63,60", "61,60", "208,200", "216,208", "40,38"})
  void auditionTempoIsOneMetronomeStepBelow(double target, double audition) {
    assertThat(MetronomeScale.stepBelow(target)).isEqualTo(audition);
  }

  @Test
  void slowRungsAreClickedInSubdivisions() {
    Tempo clicked = MetronomeScale.clickable(new Tempo(BeatUnit.QUARTER, 27));
    assertThat(clicked.perMinute()).isBetween(40.0, 208.0);
    assertThat(clicked.in(BeatUnit.QUARTER).perMinute()).isCloseTo(27, within(1e-9));
    Tempo fits = new Tempo(BeatUnit.QUARTER, 96);
    assertThat(MetronomeScale.clickable(fits)).isEqualTo(fits);
  }

  @Test
  void threeCleanPassesOpenTheNextRung() {
    Climb climb = Climb.start(ladder(120), Gate.USUAL).clean().clean();
    assertThat(climb.rung()).isZero();
    assertThat(climb.cleanLeft()).isEqualTo(1);
    Climb next = climb.clean();
    assertThat(next.rung()).isEqualTo(1);
    assertThat(next.cleanPerMinute()).isEqualTo(60);
    assertThat(climb.rung()).as("the old climb stays as it was").isZero();
  }

  @Test
  void aMissResetsTheCountAndTwoDropOneRung() {
    Climb second = Climb.start(ladder(120), Gate.USUAL).clean().clean().clean();
    Climb missed = second.clean().clean().miss();
    assertThat(missed.cleanInARow()).isZero();
    assertThat(missed.rung()).isEqualTo(1);
    assertThat(missed.miss().rung()).isZero();
    assertThat(missed.clean().miss().rung()).as("misses not in a row").isEqualTo(1);
  }

  @Test
  void aStrictGateGoesBackAtTheFirstMiss() {
    Climb second = Climb.start(ladder(120), new Gate(2, true)).clean().clean();
    assertThat(second.rung()).as("two clean passes are asked").isEqualTo(1);
    assertThat(second.clean().miss().rung()).isZero();
  }

  @Test
  void nobodyFallsBelowTheFirstRung() {
    assertThat(Climb.start(ladder(120), Gate.USUAL).miss().miss().miss().miss().rung()).isZero();
  }

  @Test
  void theTargetIsDoneAfterAllRungs() {
    Climb climb = Climb.start(ladder(120), Gate.USUAL);
    for (int pass = 0; pass < 21; pass++) {
      assertThat(climb.isDone()).isFalse();
      climb = climb.clean();
    }
    assertThat(climb.isDone()).isTrue();
    assertThat(climb.cleanPerMinute()).isEqualTo(120);
  }

  @Test
  void theLogGivesTheClimbBack() {
    Ladder ladder = ladder(120);
    Climb climb =
        Climb.after(
            ladder,
            Gate.USUAL,
            List.of(
                new Pass(60, true), new Pass(60, true), new Pass(60, true), new Pass(70, true)));
    assertThat(climb.rung()).isEqualTo(1);
    assertThat(climb.cleanInARow()).isEqualTo(1);
    assertThat(Climb.after(ladder, Gate.USUAL, List.of(new Pass(94, true))).rung())
        .as("a pass between the rungs counts on the lower")
        .isEqualTo(3);
  }

  /** Below sixty a beat is divided: common practice, no source. */
  @ParameterizedTest
  @CsvSource({"66, 66, quarter", "58, 116, eighth", "29, 116, sixteenth"})
  void aSlowBeatIsCountedInItsParts(double perMinute, double counted, String unit) {
    Tempo count = Counting.at(new Tempo(BeatUnit.QUARTER, perMinute));
    assertThat(count.perMinute()).isCloseTo(counted, within(1e-9));
    assertThat(count.beat().name()).isEqualTo(unit);
  }

  @Test
  void aDottedBeatIsCountedInThirds() {
    Tempo count = Counting.at(new Tempo(BeatUnit.DOTTED_QUARTER, 40));
    assertThat(count).isEqualTo(new Tempo(BeatUnit.EIGHTH, 120));
  }

  @Test
  void aPassTakesLongerOnALowerRung() {
    TempoChoices tempo = TempoChoices.at(new Tempo(BeatUnit.QUARTER, 120));
    Passage passage = Music.passage("C5/1 | D5/1");
    PracticePlan plan =
        PracticePlan.of(passage, tempo.tempos(Reading.of(passage)), tempo, OptionalDouble.empty());
    assertThat(plan.passSeconds().get(0)).isCloseTo(8, within(1e-9));
    assertThat(plan.passSeconds().get(6)).isCloseTo(4, within(1e-9));
    assertThat(plan.audition().perMinute()).isEqualTo(116);
  }
}
