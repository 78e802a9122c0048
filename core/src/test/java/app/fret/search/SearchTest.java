package app.fret.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
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
  private static final int NEEDED = 3;
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

  /** What is found is the least of all plans that differ as often as it does; it may not be all. */
  @ParameterizedTest
  @ValueSource(longs = {21, 22, 23, 24, 25, 26})
  void everyOtherPlanIsTheLeastOfThoseThatDifferAsOftenAsItDoes(long seed) {
    Numbers numbers = new Numbers(seed);
    int[] best = new Lattice(numbers.chain(), numbers.stays).path();
    List<OtherPlans.Found> found = others(numbers, NEEDED).after(List.of(best), 1);
    assertThat(found).hasSize(1);
    long differing = differing(best, found.get(0).path());
    assertThat(differing).isGreaterThanOrEqualTo(NEEDED);
    double least =
        numbers.all().stream()
            .filter(p -> differing(best, p) >= differing)
            .mapToDouble(numbers::effort)
            .min()
            .orElseThrow();
    assertThat(found.get(0).effort())
        .isCloseTo(least, within(1e-12))
        .isCloseTo(numbers.effort(found.get(0).path()), within(1e-12));
  }

  @Test
  void severalOtherPlansAreApartFromTheBestAndFromEachOther() {
    Numbers numbers = new Numbers(27);
    int[] best = new Lattice(numbers.chain(), numbers.stays).path();
    OtherPlans search = others(numbers, NEEDED);
    List<OtherPlans.Found> found = search.after(List.of(best), 3);
    assertThat(found).hasSizeGreaterThan(1);
    for (int i = 0; i < found.size(); i++) {
      assertThat(search.areApart(best, found.get(i).path())).isTrue();
      for (int j = 0; j < i; j++) {
        assertThat(search.areApart(found.get(j).path(), found.get(i).path())).isTrue();
      }
    }
    assertThatThrownBy(() -> search.after(List.of(best), OtherPlans.MOST + 1))
        .hasMessageContaining("ask for 0 to 6");
  }

  @Test
  void wherePlansCannotDifferSoMuchThereIsNoOther() {
    Numbers numbers = new Numbers(28);
    int[] best = new Lattice(numbers.chain(), numbers.stays).path();
    assertThat(others(numbers, LAYERS + 1).after(List.of(best), 2)).isEmpty();
  }

  private static OtherPlans others(Numbers numbers, int needed) {
    return new OtherPlans(numbers.chain(), numbers.stays, EVERY_CHOICE, needed);
  }

  /** A path through a choice is the cheapest there is. */
  @ParameterizedTest
  @ValueSource(longs = {41, 42, 43, 44})
  void thePathThroughAChoiceCostsWhatTheBestWayThroughItCosts(long seed) {
    Numbers numbers = new Numbers(seed);
    Lattice lattice = new Lattice(numbers.chain(), numbers.stays);
    int compared = 0;
    for (int layer = 0; layer < LAYERS; layer++) {
      for (int choice = 0; choice < CHOICES; choice++) {
        double least = lattice.through(layer, choice);
        if (Double.isFinite(least)) {
          int[] path = lattice.detour(layer, choice).on(lattice.path());
          assertThat(path[layer]).isEqualTo(choice);
          assertThat(numbers.effort(path)).isCloseTo(least, within(1e-12));
          compared++;
        }
      }
    }
    assertThat(compared).isGreaterThan(LAYERS);
  }

  @ParameterizedTest
  @ValueSource(longs = {41, 42, 43, 44})
  void aDetourLeavesTheBestPathOnlyWhereItMust(long seed) {
    Numbers numbers = new Numbers(seed);
    Lattice lattice = new Lattice(numbers.chain(), numbers.stays);
    int[] best = lattice.path();
    for (int layer = 0; layer < LAYERS; layer++) {
      Detour none = lattice.detour(layer, best[layer]);
      assertThat(none.on(best)).isEqualTo(best);
      assertThat(none.choices()).isEmpty();
    }
  }

  @Test
  void aChainThatCannotBeGoneNamesTheLayerWhereItEnds() {
    Numbers numbers = new Numbers(31);
    Arrays.fill(numbers.stays[4], Double.POSITIVE_INFINITY);
    Lattice lattice = new Lattice(numbers.chain(), numbers.stays);
    assertThat(lattice.least()).isInfinite();
    assertThat(lattice.firstUnreachable()).isEqualTo(4);
    assertThat(others(numbers, NEEDED).after(List.of(new int[LAYERS]), 1)).isEmpty();
  }

  @Test
  void anEmptyChainCostsNothing() {
    Lattice lattice = new Lattice(Chain.of(new int[0], (l, f, t) -> 0), new double[0][]);
    assertThat(lattice.least()).isZero();
    assertThat(lattice.path()).isEmpty();
  }

  /** A chain so long that what changes in its middle cannot touch its ends. */
  private static Chain longChain(Random random, int layers) {
    int[] sizes = new int[layers];
    Arrays.fill(sizes, CHOICES);
    double[] efforts = random.doubles((long) layers * CHOICES * CHOICES).toArray();
    return Chain.of(sizes, (layer, from, to) -> efforts[(layer * CHOICES + from) * CHOICES + to]);
  }

  private static double[][] stays(Random random, int layers) {
    double[][] stays = new double[layers][];
    Arrays.setAll(stays, i -> random.doubles(CHOICES).toArray());
    return stays;
  }

  private static void assertSame(Lattice changed, Lattice anew, int layers) {
    assertThat(changed.least()).isCloseTo(anew.least(), within(1e-9));
    assertThat(changed.path()).isEqualTo(anew.path());
    for (int layer = 0; layer < layers; layer++) {
      for (int choice = 0; choice < CHOICES; choice++) {
        assertThat(changed.through(layer, choice))
            .isCloseTo(anew.through(layer, choice), within(1e-9));
        assertThat(changed.detour(layer, choice).on(changed.path()))
            .isEqualTo(anew.detour(layer, choice).on(anew.path()));
      }
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void whatChangesIsWorkedOutAsIfAllWereNew(long seed) {
    int layers = 60;
    Random random = new Random(seed);
    Chain chain = longChain(random, layers);
    double[][] before = stays(random, layers);
    double[][] forbidden = before.clone();
    forbidden[30] = new double[] {Double.POSITIVE_INFINITY, before[30][1], 9};
    double[][] dearer = forbidden.clone();
    dearer[0] = new double[] {before[0][0] + 3, before[0][1], before[0][2]};
    dearer[59] = new double[] {5, 4, before[59][2]};
    Lattice first = new Lattice(chain, before);
    Lattice second = first.with(forbidden);
    assertThat(first.with(before.clone())).isSameAs(first);
    assertSame(second, new Lattice(chain, forbidden), layers);
    assertSame(second.with(dearer), new Lattice(chain, dearer), layers);
    assertSame(second.with(before), new Lattice(chain, before), layers);
  }

  @Test
  void whereAChangeForbidsEverythingTheFirstLayerOutOfReachIsNamed() {
    Random random = new Random(7);
    Chain chain = longChain(random, 20);
    double[][] stays = stays(random, 20);
    double[][] none = stays.clone();
    none[12] =
        new double[] {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
    Lattice blocked = new Lattice(chain, stays).with(none);
    assertThat(blocked.least()).isInfinite();
    assertThat(blocked.firstUnreachable()).isEqualTo(12);
    assertSame(blocked.with(stays), new Lattice(chain, stays), 20);
  }
}
