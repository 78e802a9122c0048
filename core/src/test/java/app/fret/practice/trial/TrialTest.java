package app.fret.practice.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.practice.trial.Trial.Pass;
import app.fret.practice.trial.Trial.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.math3.distribution.BinomialDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two ways in turn, and what the test behind it is worth. */
class TrialTest {
  /** Passes in the order of a trial: c for clean, m for missed. */
  private static Trial trial(String heard) {
    Trial trial = new Trial(List.of());
    for (char each : heard.toCharArray()) {
      List<Pass> passes = new ArrayList<>(trial.passes());
      passes.add(new Pass(trial.next(), each == 'c'));
      trial = new Trial(passes);
    }
    return trial;
  }

  @Test
  void theWaysComeInTheOrderABBA() {
    Trial trial = trial("cccccccc");
    assertThat(trial.passes().stream().map(Pass::way))
        .containsExactly(Way.A, Way.B, Way.B, Way.A, Way.A, Way.B, Way.B, Way.A);
  }

  @Test
  void onlyPairsThatDifferTell() {
    Trial trial = trial("ccmmccmm");
    assertThat(trial.pairs()).isEqualTo(4);
    assertThat(trial.leadOfA()).isZero();
    assertThat(trial.verdict()).isEqualTo(Verdict.OPEN);
  }

  @Test
  void threePairsAheadEndIt() {
    Trial trial = trial("cm" + "mc");
    assertThat(trial.leadOfA()).isEqualTo(2);
    assertThat(trial.verdict()).isEqualTo(Verdict.OPEN);
    assertThat(trial("cm" + "mc" + "cm").verdict()).isEqualTo(Verdict.A_LEADS);
    assertThat(trial("mc" + "cm" + "mc").verdict()).isEqualTo(Verdict.B_LEADS);
    assertThat(trial("cm" + "mc" + "cm").clean(Way.A)).isEqualTo(3);
    assertThat(trial("cm" + "mc" + "cm").played(Way.B)).isEqualTo(3);
  }

  @Test
  void whatWasAheadFirstDecides() {
    assertThat(trial("cmmccm" + "mcccmm" + "mc").verdict()).isEqualTo(Verdict.A_LEADS);
  }

  @Test
  void afterTwentyPairsItIsUndecided() {
    assertThat(trial("cc".repeat(19)).verdict()).isEqualTo(Verdict.OPEN);
    assertThat(trial("cc".repeat(20)).verdict()).isEqualTo(Verdict.UNDECIDED);
  }

  /** Wald 1945, from memory: at a tenth and odds of 2.1 three pairs, at odds of 3 two. */
  @ParameterizedTest
  @CsvSource({"0.1, 2.1, 3", "0.1, 3.1, 2", "0.05, 2, 5", "0.1, 9, 1"})
  void theLeadFollowsFromErrorAndOdds(double error, double odds, int lead) {
    assertThat(SequentialTest.lead(error, odds)).isEqualTo(lead);
  }

  @ParameterizedTest
  @CsvSource({"0, 2", "0.5, 2", "0.1, 1", "0.1, 0.5"})
  void boundsThatMakeNoSenseAreRefused(double error, double odds) {
    assertThatThrownBy(() -> SequentialTest.lead(error, odds))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /**
   * The share of trials that end for A, worked out from the binomial distribution of Commons Math:
   * how many of twenty pairs differ, and a walk of that many steps between the two bounds.
   */
  private static double ends(double cleanA, double cleanB, boolean forA) {
    double onlyA = cleanA * (1 - cleanB);
    double onlyB = cleanB * (1 - cleanA);
    double differs = onlyA + onlyB;
    double up = onlyA / differs;
    BinomialDistribution pairs = new BinomialDistribution(Trial.MOST_PAIRS, differs);
    double sum = 0;
    for (int steps = 0; steps <= Trial.MOST_PAIRS; steps++) {
      sum += pairs.probability(steps) * absorbed(forA ? up : 1 - up, steps);
    }
    return sum;
  }

  /** Share of walks that reach the upper bound before the lower one within some steps. */
  private static double absorbed(double up, int steps) {
    int bound = Trial.LEAD;
    double[] at = new double[2 * bound + 1];
    at[bound] = 1;
    for (int step = 0; step < steps; step++) {
      double[] next = new double[at.length];
      next[0] = at[0];
      next[2 * bound] = at[2 * bound];
      for (int place = 1; place < 2 * bound; place++) {
        next[place + 1] += up * at[place];
        next[place - 1] += (1 - up) * at[place];
      }
      at = next;
    }
    return at[2 * bound];
  }

  /** The figures of docs/practice-model.md, and the trial itself played out a good many times. */
  @ParameterizedTest
  @CsvSource({"0.8, 0.5, 0.92, 0.01", "0.9, 0.7, 0.78, 0.01", "0.7, 0.7, 0.30, 0.30"})
  void trialsComeApartAsOftenAsTheLibrarySays(double a, double b, double better, double worse) {
    assertThat(ends(a, b, true)).isCloseTo(better, within(0.01));
    assertThat(ends(a, b, false)).isCloseTo(worse, within(0.01));
    Random random = new Random(7);
    int games = 4_000;
    int forA = 0;
    for (int game = 0; game < games; game++) {
      Trial trial = new Trial(List.of());
      while (trial.verdict() == Verdict.OPEN) {
        Way way = trial.next();
        List<Pass> passes = new ArrayList<>(trial.passes());
        passes.add(new Pass(way, random.nextDouble() < (way == Way.A ? a : b)));
        trial = new Trial(passes);
      }
      forA += trial.verdict() == Verdict.A_LEADS ? 1 : 0;
    }
    assertThat((double) forA / games).isCloseTo(ends(a, b, true), within(0.03));
  }
}
