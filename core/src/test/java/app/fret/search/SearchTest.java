package app.fret.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Search over random chains of numbers against all combinations, tried one by one. */
class SearchTest {
  private static final int LAYERS = 7;
  private static final int CHOICES = 3;
  private static final OtherPlans.Kinds EVERY_CHOICE = (layer, one, other) -> one != other;

  /** Random stays and moves, some of them forbidden, without turns. */
  private static final class Numbers {
    final int[] sizes = new int[LAYERS];
    final double[][] stays = new double[LAYERS][CHOICES];
    final double[][][] moves = new double[LAYERS][CHOICES][CHOICES];

    Numbers(long seed) {
      Random random = new Random(seed);
      Arrays.fill(sizes, CHOICES);
      for (int layer = 0; layer < LAYERS; layer++) {
        for (int choice = 0; choice < CHOICES; choice++) {
          stays[layer][choice] = random.nextDouble() - 0.3;
          for (int from = 0; from < CHOICES; from++) {
            boolean forbidden = random.nextInt(5) == 0;
            moves[layer][from][choice] = forbidden ? Double.POSITIVE_INFINITY : random.nextDouble();
          }
        }
      }
    }

    Chain chain() {
      return Chain.of(sizes, (layer, from, to) -> moves[layer][from][to]);
    }

    double effort(int[] path) {
      double effort = stays[0][path[0]];
      for (int layer = 1; layer < path.length; layer++) {
        effort += moves[layer][path[layer - 1]][path[layer]] + stays[layer][path[layer]];
      }
      return effort;
    }

    /** All ways that can be gone, the least effort first. */
    List<int[]> all() {
      List<int[]> all = new ArrayList<>();
      for (int code = 0; code < Math.pow(CHOICES, LAYERS); code++) {
        int[] path = new int[LAYERS];
        int rest = code;
        for (int layer = 0; layer < LAYERS; layer++) {
          path[layer] = rest % CHOICES;
          rest /= CHOICES;
        }
        if (Double.isFinite(effort(path))) {
          all.add(path);
        }
      }
      all.sort(Comparator.comparingDouble(this::effort));
      return all;
    }
  }

  private static long differing(int[] one, int[] other) {
    long differing = 0;
    for (int i = 0; i < one.length; i++) {
      differing += one[i] != other[i] ? 1 : 0;
    }
    return differing;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void theLatticeFindsTheLeastOfAllWays(long seed) {
    Numbers numbers = new Numbers(seed);
    Lattice lattice = new Lattice(numbers.chain(), numbers.stays);
    double least = numbers.effort(numbers.all().get(0));
    assertThat(lattice.least()).isCloseTo(least, within(1e-12));
    assertThat(numbers.effort(lattice.path())).isCloseTo(least, within(1e-12));
  }

  @ParameterizedTest
  @ValueSource(longs = {11, 12, 13, 14})
  void everyOtherWayCostsWhatTheBestWayThroughItCosts(long seed) {
    Numbers numbers = new Numbers(seed);
    Lattice lattice = new Lattice(numbers.chain(), numbers.stays);
    int taken = lattice.path()[3];
    int[] wayOf = {0, 1, 1};
    List<OtherWays.Way> ways = new OtherWays(lattice).through(3, wayOf, wayOf[taken]);
    List<Integer> others = taken == 0 ? List.of(1, 2) : List.of(0);
    int[] best =
        numbers.all().stream().filter(p -> others.contains(p[3])).findFirst().orElseThrow();
    assertThat(ways).hasSize(1);
    assertThat(ways.get(0).choice()).isEqualTo(best[3]);
    assertThat(ways.get(0).extraEffort())
        .isCloseTo(numbers.effort(best) - lattice.least(), within(1e-12));
  }

  @ParameterizedTest
  @ValueSource(longs = {21, 22, 23, 24, 25, 26})
  void theNextPlansAreTheFirstOfAllThatDifferEnough(long seed) {
    Numbers numbers = new Numbers(seed);
    Lattice lattice = new Lattice(numbers.chain(), numbers.stays);
    List<int[]> expected = new ArrayList<>();
    for (int[] path : numbers.all()) {
      boolean apart =
          expected.stream().allMatch(e -> differing(e, path) >= OtherPlans.LAYERS_THAT_DIFFER);
      if (apart && expected.size() <= OtherPlans.MOST) {
        expected.add(path);
      }
    }
    List<OtherPlans.Found> found =
        new OtherPlans(numbers.chain(), numbers.stays, EVERY_CHOICE)
            .after(lattice.path(), OtherPlans.MOST);
    assertThat(found).hasSize(expected.size() - 1).isNotEmpty();
    for (int i = 0; i < found.size(); i++) {
      assertThat(found.get(i).path()).isEqualTo(expected.get(i + 1));
      assertThat(found.get(i).effort())
          .isCloseTo(numbers.effort(expected.get(i + 1)), within(1e-12));
    }
  }

  @Test
  void aChainThatCannotBeGoneNamesTheLayerWhereItEnds() {
    Numbers numbers = new Numbers(31);
    Arrays.fill(numbers.stays[4], Double.POSITIVE_INFINITY);
    Lattice lattice = new Lattice(numbers.chain(), numbers.stays);
    assertThat(lattice.least()).isInfinite();
    assertThat(lattice.firstUnreachable()).isEqualTo(4);
    assertThat(
            new OtherPlans(numbers.chain(), numbers.stays, EVERY_CHOICE).after(new int[LAYERS], 1))
        .isEmpty();
  }

  @Test
  void anEmptyChainCostsNothing() {
    Lattice lattice = new Lattice(Chain.of(new int[0], (l, f, t) -> 0), new double[0][]);
    assertThat(lattice.least()).isZero();
    assertThat(lattice.path()).isEmpty();
  }
}
