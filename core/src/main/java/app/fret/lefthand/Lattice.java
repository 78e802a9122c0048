package app.fret.lefthand;

import app.fret.lefthand.hand.Placement;
import java.util.Arrays;
import java.util.List;

/**
 * The layers of placements of one passage with the least effort to and from each.
 *
 * <p>Problem: one layer of placements per note; take one from each so that the sum of stays, moves
 * and turns is least, where a turn is what a move costs after the move before it. Exact, no beam: a
 * state is a placement with the trail it was entered by, since turns look at no more of the past
 * than that. Recurrence: {@code to(i, p, t) = stay(i, p) + min over q, s with trail(q, p) = t of
 * to(i-1, q, s) + move(i, q, p) + turn(i, s, q, p)}, and the mirror image from the end. Cost: O(n k
 * (k + u t)) time and O(n k t) memory for n notes of at most k placements, entered by t trails and
 * left by u kinds of turn. Units: effort, which has none. Source: Viterbi 1967, IEEE Trans. Inf.
 * Theory 13(2); for fingerings Sayegh 1989, Computer Music Journal 13(3). Departs from them: the
 * trail in the state; equal efforts go to the placement listed first, so plans repeat.
 */
final class Lattice {
  private static final double[] NO_TURN = {0};

  private final List<List<Placement>> layers;
  private final Joints joints;
  private final double[][] stays;
  private final double[][] effortTo;
  private final double[][] effortFrom;
  private final int[][] cameFrom;
  private final double least;

  /**
   * Builds and solves the lattice.
   *
   * @param layers placements of each note; equal chords share one list
   * @param joints the moves between them
   * @param stays effort of each placement of each note, infinite where a pin forbids it
   */
  Lattice(List<List<Placement>> layers, Joints joints, double[][] stays) {
    this.layers = layers;
    this.joints = joints;
    this.stays = stays;
    this.effortTo = new double[layers.size()][];
    this.effortFrom = new double[layers.size()][];
    this.cameFrom = new int[layers.size()][];
    passForward();
    this.least = layers.isEmpty() ? 0 : Arrays.stream(effortTo[last()]).min().orElseThrow();
  }

  private int last() {
    return layers.size() - 1;
  }

  private int slots(int layer) {
    return joints.trailsInto(layer).length;
  }

  private void passForward() {
    for (int i = 0; i < layers.size(); i++) {
      int states = layers.get(i).size() * slots(i);
      effortTo[i] = new double[states];
      cameFrom[i] = new int[states];
      if (i == 0) {
        System.arraycopy(stays[0], 0, effortTo[0], 0, states);
      } else {
        Arrays.fill(effortTo[i], Double.POSITIVE_INFINITY);
        enter(i);
        addStays(i);
      }
    }
  }

  /**
   * Extends every state of the layer before into this one. Of the states of one source, the least
   * is the best before every turn that is no dearer from it than from any other, which is nearly
   * all of them; only before the rest are all states compared.
   */
  private void enter(int layer) {
    // One long loop on locals: its body runs a thousand times a note.
    Joints.Joint joint = joints.into(layer);
    int[] runsFrom = joint.shape().runsFrom();
    int[] movesFrom = joint.shape().movesFrom();
    int[] turns = joint.shape().turns();
    int[] stateOf = joint.shape().stateOf();
    double[] efforts = joint.efforts();
    double[][] turnEfforts = joints.turnEfforts(layer);
    int[] trails = joints.trailsInto(layer - 1);
    double[] before = effortTo[layer - 1];
    double[] here = effortTo[layer];
    int[] from = cameFrom[layer];
    for (int source = 0; source < runsFrom.length - 1; source++) {
      int first = source * trails.length;
      int least = leastFrom(before, first, first + trails.length);
      int end = before[least] == Double.POSITIVE_INFINITY ? 0 : runsFrom[source + 1];
      for (int run = runsFrom[source]; run < end; run++) {
        double[] row = turnEfforts[turns[run]];
        double leastTurn = row[row.length - 1];
        int best =
            row[trails[least - first]] == leastTurn
                ? least
                : bestBefore(before, first, trails, row);
        double effortBefore = before[best] + row[trails[best - first]];
        for (int move = movesFrom[run]; move < movesFrom[run + 1]; move++) {
          double effort = effortBefore + efforts[move];
          int state = stateOf[move];
          if (effort < here[state]) {
            here[state] = effort;
            from[state] = best;
          }
        }
      }
    }
  }

  private static int leastFrom(double[] efforts, int from, int to) {
    int least = from;
    for (int state = from + 1; state < to; state++) {
      least = efforts[state] < efforts[least] ? state : least;
    }
    return least;
  }

  private static int bestBefore(double[] before, int first, int[] trails, double[] row) {
    int best = first;
    double least = Double.POSITIVE_INFINITY;
    for (int slot = 0; slot < trails.length; slot++) {
      double effort = before[first + slot] + row[trails[slot]];
      if (effort < least) {
        least = effort;
        best = first + slot;
      }
    }
    return best;
  }

  private void addStays(int layer) {
    double[] here = effortTo[layer];
    int slots = slots(layer);
    for (int state = 0; state < here.length; state++) {
      here[state] += stays[layer][state / slots];
    }
  }

  private void passBackward() {
    for (int i = last(); i >= 0; i--) {
      effortFrom[i] = new double[layers.get(i).size() * slots(i)];
      if (i < last()) {
        leave(i);
      }
    }
  }

  /** Works out the least effort from every state of a layer to the end, like {@link #enter}. */
  private void leave(int layer) {
    MoveShapes.Shape shape = joints.into(layer + 1).shape();
    double[][] turnEfforts = joints.turnEfforts(layer + 1);
    double[] after = leastAfterRuns(joints.into(layer + 1), onward(layer + 1));
    int[] trails = joints.trailsInto(layer);
    int[] runsFrom = shape.runsFrom();
    int[] turns = shape.turns();
    for (int source = 0; source < runsFrom.length - 1; source++) {
      int first = runsFrom[source];
      int end = runsFrom[source + 1];
      int best = first;
      double least = Double.POSITIVE_INFINITY;
      for (int run = first; run < end; run++) {
        double[] row = turnEfforts[turns[run]];
        double effort = after[run] + row[row.length - 1];
        if (effort < least) {
          least = effort;
          best = run;
        }
      }
      for (int slot = 0; slot < trails.length; slot++) {
        double[] row = first < end ? turnEfforts[shape.turns()[best]] : NO_TURN;
        boolean leastTurn = first < end && row[trails[slot]] == row[row.length - 1];
        effortFrom[layer][source * trails.length + slot] =
            leastTurn ? least : leastOf(shape, first, end, after, turnEfforts, trails[slot]);
      }
    }
  }

  private static double leastOf(
      MoveShapes.Shape shape,
      int first,
      int end,
      double[] after,
      double[][] turnEfforts,
      int trail) {
    double least = Double.POSITIVE_INFINITY;
    for (int run = first; run < end; run++) {
      least = Math.min(least, after[run] + turnEfforts[shape.turns()[run]][trail]);
    }
    return least;
  }

  /** Effort from before each state of a layer to the end, its own stay included. */
  private double[] onward(int layer) {
    double[] onward = effortFrom[layer].clone();
    int slots = slots(layer);
    for (int state = 0; state < onward.length; state++) {
      onward[state] += stays[layer][state / slots];
    }
    return onward;
  }

  /** Least effort from each run of moves to the end. */
  private static double[] leastAfterRuns(Joints.Joint joint, double[] onward) {
    MoveShapes.Shape shape = joint.shape();
    double[] after = new double[shape.turns().length];
    int[] movesFrom = shape.movesFrom();
    int[] stateOf = shape.stateOf();
    double[] efforts = joint.efforts();
    for (int run = 0; run < after.length; run++) {
      double least = Double.POSITIVE_INFINITY;
      for (int move = movesFrom[run]; move < movesFrom[run + 1]; move++) {
        double effort = efforts[move] + onward[stateOf[move]];
        least = effort < least ? effort : least;
      }
      after[run] = least;
    }
    return after;
  }

  /** Least effort of a whole plan; infinite when there is none. */
  double least() {
    return least;
  }

  /** Least effort of a whole plan that takes this placement; infinite when there is none. */
  double through(int layer, int placement) {
    if (effortFrom[0] == null) {
      passBackward();
    }
    int slots = slots(layer);
    double min = Double.POSITIVE_INFINITY;
    for (int state = placement * slots; state < (placement + 1) * slots; state++) {
      min = Math.min(min, effortTo[layer][state] + effortFrom[layer][state]);
    }
    return min;
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
    if (path.length == 0) {
      return path;
    }
    int state = 0;
    for (int s = 1; s < effortTo[last()].length; s++) {
      if (effortTo[last()][s] < effortTo[last()][state]) {
        state = s;
      }
    }
    for (int i = last(); i >= 0; i--) {
      path[i] = state / slots(i);
      state = cameFrom[i][state];
    }
    return path;
  }
}
