package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Moment;
import app.fret.lefthand.hand.Placement;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * The layers of placements of one passage with the least effort to and from each.
 *
 * <p>Problem: one layer of placements per note; take one from each so that the sum of stays and
 * moves is least. Exact, no beam. Recurrence: {@code to(i, p) = stay(i, p) + min over q of to(i-1,
 * q) + move(i, q, p)}, and the mirror image from the end. Cost: O(n k^2) time and O(n k) memory for
 * n notes of at most k placements; moves are weighed once per distinct pair of layers in the same
 * circumstances and looked up after that. Units: effort, which has none. Source: Viterbi 1967, IEEE
 * Trans. Inf. Theory 13(2); for fingerings Sayegh 1989, Computer Music Journal 13(3). Departs from
 * them: equal efforts go to the placement listed first, so plans repeat.
 */
final class Lattice {
  /*
   * Why moves are cached by (layer, layer, circumstances): figures come back in music. In a run of
   * sixteenths a handful of note pairs in two or three circumstances make up most of a page, and a
   * move costs more to weigh than to look up. Layers are shared objects, one per chord of pitches,
   * so identity is enough for the key.
   */
  private record Joint(int fromLayer, int toLayer, Moment moment) {}

  private final List<List<Placement>> layers;
  private final double[][] stays;
  private final double[][] moves;
  private final double[][] effortTo;
  private final double[][] effortFrom;
  private final int[][] cameFrom;

  /**
   * Builds and solves the lattice.
   *
   * @param layers placements of each note; equal chords share one list
   * @param moments circumstances of each note
   * @param stays effort of each placement of each note, infinite where a pin forbids it
   */
  Lattice(List<List<Placement>> layers, List<Moment> moments, double[][] stays, EffortModel model) {
    this.layers = layers;
    this.stays = stays;
    this.moves = weighMoves(layers, moments, model);
    this.effortTo = new double[layers.size()][];
    this.effortFrom = new double[layers.size()][];
    this.cameFrom = new int[layers.size()][];
    passForward();
    passBackward();
  }

  private static double[][] weighMoves(
      List<List<Placement>> layers, List<Moment> moments, EffortModel model) {
    double[][] moves = new double[layers.size()][];
    Map<List<Placement>, Integer> identities = new IdentityHashMap<>();
    Map<Joint, double[]> weighed = new HashMap<>();
    for (int i = 1; i < layers.size(); i++) {
      List<Placement> from = layers.get(i - 1);
      List<Placement> to = layers.get(i);
      int fromId = identity(identities, from);
      int toId = identity(identities, to);
      Moment joint = moments.get(i).joint();
      moves[i] =
          weighed.computeIfAbsent(
              new Joint(fromId, toId, joint), key -> weigh(from, to, joint, model));
    }
    return moves;
  }

  private static int identity(Map<List<Placement>, Integer> identities, List<Placement> layer) {
    Integer known = identities.putIfAbsent(layer, identities.size());
    return known == null ? identities.size() - 1 : known;
  }

  /** Moves between two layers, all ways into the first target first. */
  private static double[] weigh(
      List<Placement> from, List<Placement> to, Moment moment, EffortModel model) {
    double[] table = new double[from.size() * to.size()];
    int cell = 0;
    for (Placement target : to) {
      for (Placement source : from) {
        table[cell++] = model.move(moment, source, target);
      }
    }
    return table;
  }

  private void passForward() {
    for (int i = 0; i < layers.size(); i++) {
      int size = layers.get(i).size();
      effortTo[i] = new double[size];
      cameFrom[i] = new int[size];
      for (int p = 0; p < size; p++) {
        effortTo[i][p] = stays[i][p] + (i == 0 ? 0 : cheapestInto(i, p));
      }
    }
  }

  private double cheapestInto(int layer, int placement) {
    double[] before = effortTo[layer - 1];
    double[] table = moves[layer];
    int row = placement * before.length;
    double least = Double.POSITIVE_INFINITY;
    int best = 0;
    for (int q = 0; q < before.length; q++) {
      double effort = before[q] + table[row + q];
      if (effort < least) {
        least = effort;
        best = q;
      }
    }
    cameFrom[layer][placement] = best;
    return least;
  }

  private void passBackward() {
    int last = layers.size() - 1;
    for (int i = last; i >= 0; i--) {
      double[] here = new double[layers.get(i).size()];
      effortFrom[i] = here;
      if (i == last) {
        continue;
      }
      Arrays.fill(here, Double.POSITIVE_INFINITY);
      double[] table = moves[i + 1];
      double[] after = effortFrom[i + 1];
      for (int next = 0; next < after.length; next++) {
        double onward = after[next] + stays[i + 1][next];
        int row = next * here.length;
        for (int p = 0; p < here.length; p++) {
          here[p] = Math.min(here[p], table[row + p] + onward);
        }
      }
    }
  }

  /** Least effort of a whole plan; infinite when there is none. */
  double least() {
    double least = layers.isEmpty() ? 0 : Double.POSITIVE_INFINITY;
    for (int p = 0; p < lastLayerSize(); p++) {
      least = Math.min(least, effortTo[layers.size() - 1][p]);
    }
    return least;
  }

  private int lastLayerSize() {
    return layers.isEmpty() ? 0 : layers.get(layers.size() - 1).size();
  }

  /** Least effort of a whole plan that takes this placement; infinite when there is none. */
  double through(int layer, int placement) {
    return effortTo[layer][placement] + effortFrom[layer][placement];
  }

  /** First layer that no path reaches, when there is no plan at all. */
  int firstUnreachable() {
    for (int i = 0; i < layers.size(); i++) {
      if (Arrays.stream(effortTo[i]).allMatch(Double::isInfinite)) {
        return i;
      }
    }
    throw new IllegalStateException("every note can be reached");
  }

  /** Index of the placement taken at each note on a path of least effort. */
  int[] path() {
    int[] path = new int[layers.size()];
    int at = 0;
    for (int p = 1; p < lastLayerSize(); p++) {
      if (effortTo[layers.size() - 1][p] < effortTo[layers.size() - 1][at]) {
        at = p;
      }
    }
    for (int i = layers.size() - 1; i >= 0; i--) {
      path[i] = at;
      at = cameFrom[i][at];
    }
    return path;
  }

  double stay(int layer, int placement) {
    return stays[layer][placement];
  }

  double move(int layer, int from, int to) {
    return moves[layer][to * layers.get(layer - 1).size() + from];
  }
}
