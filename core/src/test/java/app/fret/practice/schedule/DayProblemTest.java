package app.fret.practice.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.practice.schedule.DayProblem.Wish;
import app.fret.practice.schedule.Learner.Stance;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The day's minutes are the best there are, held against all ways to share them out. */
class DayProblemTest {
  private static final int MOST = 20;

  private static double sum(List<Wish> wishes, int[] minutes) {
    return IntStream.range(0, minutes.length)
        .mapToDouble(i -> wishes.get(i).lack(minutes[i]))
        .sum();
  }

  private static double bestOfAll(List<Wish> wishes, int from, int minutes) {
    if (from == wishes.size()) {
      return 0;
    }
    double best = Double.POSITIVE_INFINITY;
    for (int m = 0; m <= Math.min(minutes, wishes.get(from).most()); m++) {
      best = Math.min(best, wishes.get(from).lack(m) + bestOfAll(wishes, from + 1, minutes - m));
    }
    return best;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void noWayToShareTheMinutesIsBetter(long seed) {
    Random random = new Random(seed);
    List<Wish> wishes = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      wishes.add(
          new Wish(
              0.02 + 0.7 * random.nextDouble(),
              0.004 + 0.02 * random.nextDouble(),
              1 + random.nextInt(60),
              MOST));
    }
    int[] shared = DayProblem.allot(wishes, 24, Stance.EVEN);
    assertThat(IntStream.of(shared).sum()).isEqualTo(24);
    assertThat(sum(wishes, shared)).isCloseTo(bestOfAll(wishes, 0, 24), within(1e-12));
  }

  @Test
  void whoLacksMoreGetsMore() {
    List<Wish> wishes = List.of(new Wish(0.6, 0.01, 30, MOST), new Wish(0.3, 0.01, 30, MOST));
    int[] shared = DayProblem.allot(wishes, 20, Stance.EVEN);
    assertThat(shared[0]).isGreaterThan(shared[1]);
  }

  @Test
  void nobodyGetsMoreThanTheMost() {
    int[] shared = DayProblem.allot(List.of(new Wish(0.6, 0.01, 30, MOST)), 46, Stance.EVEN);
    assertThat(shared).containsExactly(MOST);
  }

  @Test
  void whoWantsAsManyReadyAsPossibleSharesEvenly() {
    List<Wish> wishes = List.of(new Wish(0.6, 0.01, 30, MOST), new Wish(0.1, 0.02, 30, MOST));
    assertThat(DayProblem.allot(wishes, 20, Stance.AS_MANY_READY_AS_POSSIBLE))
        .containsExactly(10, 10);
  }

  @Test
  void withNothingToGainMinutesGoByNeed() {
    List<Wish> wishes = List.of(new Wish(0.02, 1, 300, MOST), new Wish(0.04, 1, 300, MOST));
    int[] shared = DayProblem.allot(wishes, 30, Stance.EVEN);
    assertThat(shared[1]).isGreaterThan(shared[0]);
  }
}
