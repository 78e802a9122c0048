package app.fret.search;

import java.util.Arrays;

/**
 * A chain of choices with the least effort to and from each.
 *
 * <p>Problem: take one choice from each layer so that the sum of stays, moves and turns is least,
 * where a turn is what a move costs after the move before it. Exact, no beam: a state is a choice
 * with the trail it was entered by, since turns look at no more of the past than that. Recurrence:
 * {@code to(i, p, t) = stay(i, p) + min over q, s with trail(q, p) = t of to(i-1, q, s) + move(i,
 * q, p) + turn(i, s, q, p)}, and the mirror image from the end. Cost: O(n k (k + u t)) time and O(n
 * k t) memory for n layers of at most k choices, entered by t trails and left by u kinds of turn.
 * Units: effort, which has none. Source: Viterbi 1967, IEEE Trans. Inf. Theory 13(2); for
 * fingerings Sayegh 1989, Computer Music Journal 13(3). Departs from them: the trail in the state;
 * equal efforts go to the choice listed first, so plans repeat.
 *
 * <p>May be asked from several threads at once; the way back is worked out when it is first asked
 * for.
 */
public final class Lattice {
  private static final double[] NO_TURN = {0};

  private final Chain chain;
  private final double[][] stays;
  private final double[][] effortTo;
  private final double[][] effortFrom;
  private final int[][] cameFrom;
  private final double least;
  private boolean isBackKnown;

  /**
   * Builds and solves the lattice.
   *
   * @param chain the choices and the moves between them
   * @param stays effort of each choice of each layer, infinite where it is forbidden
   */
  public Lattice(Chain chain, double[][] stays) {
    this.chain = chain;
    this.stays = stays;
    this.effortTo = new double[chain.layers()][];
    this.effortFrom = new double[chain.layers()][];
    this.cameFrom = new int[chain.layers()][];
    passForward();
    this.least = chain.layers() == 0 ? 0 : Arrays.stream(effortTo[last()]).min().orElseThrow();
  }

  private int last() {
    return chain.layers() - 1;
  }

  private int slots(int layer) {
    return chain.trailsInto(layer).length;
  }

  private void passForward() {
    for (int i = 0; i < chain.layers(); i++) {
      int states = chain.size(i) * slots(i);
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
    Chain.Link link = chain.into(layer);
    int[] runsFrom = link.moves().runsFrom();
    int[] movesFrom = link.moves().movesFrom();
    int[] turns = link.moves().turns();
    int[] stateOf = link.moves().stateOf();
    double[] efforts = link.efforts();
    double[][] turnEfforts = link.turnEfforts();
    int[] trails = chain.trailsInto(layer - 1);
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

  /** The way back is worked out when it is first asked for, whoever asks. */
  private synchronized void onwardIsKnown() {
    if (!isBackKnown) {
      passBackward();
      isBackKnown = true;
    }
  }

  private void passBackward() {
    for (int i = last(); i >= 0; i--) {
      effortFrom[i] = new double[chain.size(i) * slots(i)];
      if (i < last()) {
        leave(i);
      }
    }
  }

  /** Works out the least effort from every state of a layer to the end, like {@link #enter}. */
  private void leave(int layer) {
    Chain.Link link = chain.into(layer + 1);
    Moves moves = link.moves();
    double[][] turnEfforts = link.turnEfforts();
    double[] after = leastAfterRuns(link, onward(layer + 1));
    int[] trails = chain.trailsInto(layer);
    int[] runsFrom = moves.runsFrom();
    int[] turns = moves.turns();
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
        double[] row = first < end ? turnEfforts[turns[best]] : NO_TURN;
        boolean leastTurn = first < end && row[trails[slot]] == row[row.length - 1];
        effortFrom[layer][source * trails.length + slot] =
            leastTurn ? least : leastOf(turns, first, end, after, turnEfforts, trails[slot]);
      }
    }
  }

  private static double leastOf(
      int[] turns, int first, int end, double[] after, double[][] turnEfforts, int trail) {
    double least = Double.POSITIVE_INFINITY;
    for (int run = first; run < end; run++) {
      least = Math.min(least, after[run] + turnEfforts[turns[run]][trail]);
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
  private static double[] leastAfterRuns(Chain.Link link, double[] onward) {
    double[] after = new double[link.moves().turns().length];
    int[] movesFrom = link.moves().movesFrom();
    int[] stateOf = link.moves().stateOf();
    double[] efforts = link.efforts();
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
  public double least() {
    return least;
  }

  /** Least effort of a whole plan that takes this choice; infinite when there is none. */
  public double through(int layer, int choice) {
    onwardIsKnown();
    int slots = slots(layer);
    double min = Double.POSITIVE_INFINITY;
    for (int state = choice * slots; state < (choice + 1) * slots; state++) {
      min = Math.min(min, effortTo[layer][state] + effortFrom[layer][state]);
    }
    return min;
  }

  /** The choice taken of each layer on a path of least effort among those that take this choice. */
  public int[] pathThrough(int layer, int choice) {
    onwardIsKnown();
    int slots = slots(layer);
    int best = choice * slots;
    for (int state = best + 1; state < (choice + 1) * slots; state++) {
      best = through(layer, state, best) ? state : best;
    }
    int[] path = new int[chain.layers()];
    for (int i = layer, state = best; i >= 0; i--) {
      path[i] = state / slots(i);
      state = cameFrom[i][state];
    }
    for (int i = layer + 1, state = best; i < path.length; i++) {
      state = next(i, state);
      path[i] = state / slots(i);
    }
    return path;
  }

  private boolean through(int layer, int one, int other) {
    return effortTo[layer][one] + effortFrom[layer][one]
        < effortTo[layer][other] + effortFrom[layer][other];
  }

  /** The state of a layer on the cheapest way from a state of the layer before to the end. */
  private int next(int layer, int from) {
    Chain.Link link = chain.into(layer);
    Moves moves = link.moves();
    int slotsBefore = slots(layer - 1);
    int source = from / slotsBefore;
    int trail = chain.trailsInto(layer - 1)[from % slotsBefore];
    int best = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int run = moves.runsFrom()[source]; run < moves.runsFrom()[source + 1]; run++) {
      double turn = link.turnEfforts()[moves.turns()[run]][trail];
      for (int move = moves.movesFrom()[run]; move < moves.movesFrom()[run + 1]; move++) {
        int state = moves.stateOf()[move];
        double effort =
            turn
                + link.efforts()[move]
                + stays[layer][state / slots(layer)]
                + effortFrom[layer][state];
        if (effort < least) {
          least = effort;
          best = state;
        }
      }
    }
    return best;
  }

  /** First layer that no path reaches, when there is no plan at all. */
  public int firstUnreachable() {
    for (int i = 0; i < chain.layers(); i++) {
      if (Arrays.stream(effortTo[i]).allMatch(Double::isInfinite)) {
        return i;
      }
    }
    throw new IllegalStateException("every layer can be reached");
  }

  /** The choice taken of each layer on a path of least effort. */
  public int[] path() {
    int[] path = new int[chain.layers()];
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
