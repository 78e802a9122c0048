package app.fret.search;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;

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
  /** Two efforts no further apart than rounding. */
  private static final double ROUNDING = 1e-9;

  private final Chain chain;
  private final double[][] stays;

  /*
   * Efforts of a layer are those of its array plus its share. Where a lattice differs from another
   * by the same effort in every state of a layer, it has the other's arrays from there on and a
   * share of its own.
   */
  private final double[][] effortTo;
  private final double[][] effortFrom;
  private final double[] shareTo;
  private final double[] shareFrom;
  private final int[][] cameFrom;

  /** What this one was made from and where its stays differ; null when made from nothing. */
  private final Lattice origin;

  private final int firstChanged;
  private final int lastChanged;
  private double least;
  private boolean isBackKnown;

  /**
   * Builds and solves the lattice.
   *
   * @param chain the choices and the moves between them
   * @param stays effort of each choice of each layer, infinite where it is forbidden
   */
  public Lattice(Chain chain, double[][] stays) {
    this(chain, stays, null, 0, chain.layers() - 1);
    for (int i = 0; i < chain.layers(); i++) {
      passForward(i);
    }
    least = leastOfAll();
  }

  private Lattice(
      Chain chain, double[][] stays, Lattice origin, int firstChanged, int lastChanged) {
    this.chain = chain;
    this.stays = stays;
    this.origin = origin;
    this.firstChanged = firstChanged;
    this.lastChanged = lastChanged;
    int layers = chain.layers();
    this.effortTo = new double[layers][];
    this.effortFrom = new double[layers][];
    this.cameFrom = new int[layers][];
    this.shareTo = new double[layers];
    this.shareFrom = new double[layers];
  }

  /**
   * The lattice of the same chain with other efforts of some choices. Only what they touch is
   * worked out: from the first layer that changes to where, after the last, every state is dearer
   * or cheaper by the same effort.
   *
   * @param changed effort of each choice of each layer; rows that are the same arrays as before are
   *     taken as unchanged
   */
  public Lattice with(double[][] changed) {
    int first = 0;
    while (first < changed.length && isSame(changed, first)) {
      first++;
    }
    if (first == changed.length) {
      return this;
    }
    int last = changed.length - 1;
    while (isSame(changed, last)) {
      last--;
    }
    Lattice after = new Lattice(chain, changed, this, first, last);
    after.passForwardAsFarAsNeeded();
    after.least = after.leastOfAll();
    return after;
  }

  private boolean isSame(double[][] changed, int layer) {
    return changed[layer] == stays[layer] || Arrays.equals(changed[layer], stays[layer]);
  }

  private double leastOfAll() {
    return chain.layers() == 0
        ? 0
        : shareTo[last()] + Arrays.stream(effortTo[last()]).min().orElseThrow();
  }

  private void passForwardAsFarAsNeeded() {
    System.arraycopy(origin.effortTo, 0, effortTo, 0, effortTo.length);
    System.arraycopy(origin.cameFrom, 0, cameFrom, 0, cameFrom.length);
    System.arraycopy(origin.shareTo, 0, shareTo, 0, shareTo.length);
    for (int i = firstChanged; i < chain.layers(); i++) {
      passForward(i);
      double share = i < lastChanged ? Double.NaN : constantBeyond(origin.effortTo[i], effortTo[i]);
      if (!Double.isNaN(share)) {
        double more = share + shareTo[i] - origin.shareTo[i];
        for (int j = i + 1; j < chain.layers(); j++) {
          shareTo[j] += more;
        }
        return;
      }
    }
  }

  /** By how much all states are dearer than before; not a number when not all by the same. */
  private static double constantBeyond(double[] before, double[] now) {
    double beyond = Double.NaN;
    for (int state = 0; state < now.length; state++) {
      boolean open = now[state] != Double.POSITIVE_INFINITY;
      if (open != (before[state] != Double.POSITIVE_INFINITY)) {
        return Double.NaN;
      }
      double here = now[state] - before[state];
      if (open && Double.isNaN(beyond)) {
        beyond = here;
      } else if (open && Math.abs(here - beyond) > ROUNDING) {
        return Double.NaN;
      }
    }
    return beyond;
  }

  private int last() {
    return chain.layers() - 1;
  }

  private int slots(int layer) {
    return chain.trailsInto(layer).length;
  }

  private void passForward(int layer) {
    int states = chain.size(layer) * slots(layer);
    effortTo[layer] = new double[states];
    cameFrom[layer] = new int[states];
    if (layer == 0) {
      System.arraycopy(stays[0], 0, effortTo[0], 0, states);
      shareTo[0] = 0;
    } else {
      Arrays.fill(effortTo[layer], Double.POSITIVE_INFINITY);
      enter(layer);
      addStays(layer);
      shareTo[layer] = shareTo[layer - 1];
    }
  }

  /**
   * Extends every state of the layer before into this one. Of the states of one source, the least
   * is the best before every turn that is no dearer from it than from any other, which is nearly
   * all of them; only before the rest are states compared, and only those that no turn could make
   * up for.
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
    int[] likely = new int[trails.length];
    for (int source = 0; source < runsFrom.length - 1; source++) {
      int first = source * trails.length;
      int least = leastFrom(before, first, first + trails.length);
      int end = before[least] == Double.POSITIVE_INFINITY ? 0 : runsFrom[source + 1];
      int trail = trails[least - first];
      double room = ROUNDING;
      for (int run = runsFrom[source]; run < end; run++) {
        double[] row = turnEfforts[turns[run]];
        room = Math.max(room, row[trail] - row[row.length - 1] + ROUNDING);
      }
      int count = within(before, first, first + trails.length, before[least] + room, likely);
      for (int run = runsFrom[source]; run < end; run++) {
        double[] row = turnEfforts[turns[run]];
        double leastTurn = row[row.length - 1];
        int best =
            row[trails[least - first]] == leastTurn
                ? least
                : bestBefore(before, first, likely, count, trails, row);
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

  /** Collects those of a stretch whose effort is at most so much; returns how many they are. */
  private static int within(double[] efforts, int from, int to, double most, int[] found) {
    int count = 0;
    for (int i = from; i < to; i++) {
      if (efforts[i] <= most) {
        found[count++] = i;
      }
    }
    return count;
  }

  /**
   * The state from which a turn costs least, the first of those alike.
   *
   * @param likely the states among which it is, in order
   */
  private static int bestBefore(
      double[] before, int first, int[] likely, int count, int[] trails, double[] row) {
    int best = first;
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < count; i++) {
      double effort = before[likely[i]] + row[trails[likely[i] - first]];
      if (effort < least) {
        least = effort;
        best = likely[i];
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
    if (origin == null) {
      for (int i = last(); i >= 0; i--) {
        passBackward(i);
      }
    } else {
      origin.onwardIsKnown();
      passBackwardAsFarAsNeeded();
    }
  }

  /** A layer's own stay is no part of the way onward from it: the last to change is left as is. */
  private void passBackwardAsFarAsNeeded() {
    System.arraycopy(origin.effortFrom, 0, effortFrom, 0, effortFrom.length);
    System.arraycopy(origin.shareFrom, 0, shareFrom, 0, shareFrom.length);
    for (int i = lastChanged - 1; i >= 0; i--) {
      passBackward(i);
      double share =
          i >= firstChanged ? Double.NaN : constantBeyond(origin.effortFrom[i], effortFrom[i]);
      if (!Double.isNaN(share)) {
        double more = share + shareFrom[i] - origin.shareFrom[i];
        for (int j = i - 1; j >= 0; j--) {
          shareFrom[j] += more;
        }
        return;
      }
    }
  }

  private void passBackward(int layer) {
    effortFrom[layer] = new double[chain.size(layer) * slots(layer)];
    if (layer < last()) {
      leave(layer);
      shareFrom[layer] = shareFrom[layer + 1];
    }
  }

  /** Works out the least effort from every state of a layer to the end, like {@link #enter}. */
  private void leave(int layer) {
    // One long loop on locals, as the way forward is.
    Chain.Link link = chain.into(layer + 1);
    Moves moves = link.moves();
    double[][] turnEfforts = link.turnEfforts();
    double[] after = leastAfterRuns(link, onward(layer + 1));
    int[] trails = chain.trailsInto(layer);
    int[] runsFrom = moves.runsFrom();
    int[] turns = moves.turns();
    double[] atLeast = new double[after.length];
    int[] likely = new int[after.length];
    for (int source = 0; source < runsFrom.length - 1; source++) {
      int first = runsFrom[source];
      int end = runsFrom[source + 1];
      int from = source * trails.length;
      if (first == end) {
        Arrays.fill(effortFrom[layer], from, from + trails.length, Double.POSITIVE_INFINITY);
        continue;
      }
      for (int run = first; run < end; run++) {
        double[] row = turnEfforts[turns[run]];
        atLeast[run] = after[run] + row[row.length - 1];
      }
      int best = leastFrom(atLeast, first, end);
      double[] bestRow = turnEfforts[turns[best]];
      double most = 0;
      for (int trail : trails) {
        most = Math.max(most, bestRow[trail]);
      }
      // No run that is dearer even with its least turn can be better than the best one is.
      int count = within(atLeast, first, end, after[best] + most + ROUNDING, likely);
      for (int slot = 0; slot < trails.length; slot++) {
        double effort = after[best] + bestRow[trails[slot]];
        for (int i = 0; i < count && effort > atLeast[best]; i++) {
          int run = likely[i];
          effort = Math.min(effort, after[run] + turnEfforts[turns[run]][trails[slot]]);
        }
        effortFrom[layer][from + slot] = effort;
      }
    }
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
    return min + shareTo[layer] + shareFrom[layer];
  }

  /**
   * Where the best path among those that take a choice leaves the best of all, {@link #path()}, and
   * comes back to it. Both are the cheapest way from any state they share, so that they are alike
   * before the first and behind the last layer on which they differ.
   */
  public Detour detour(int layer, int choice) {
    onwardIsKnown();
    int slots = slots(layer);
    int taken = choice * slots;
    for (int state = taken + 1; state < (choice + 1) * slots; state++) {
      taken = through(layer, state, taken) ? state : taken;
    }
    int[] best = bestStates();
    Deque<Integer> choices = new ArrayDeque<>();
    int first = layer + 1;
    for (int i = layer, state = taken; i >= 0 && state != best[i]; i--) {
      choices.addFirst(state / slots(i));
      first = i;
      state = cameFrom[i][state];
    }
    int state = taken;
    for (int i = layer + 1; first <= layer && i < chain.layers(); i++) {
      state = next(i, state);
      if (state == best[i]) {
        break;
      }
      choices.addLast(state / slots(i));
    }
    return new Detour(first, choices.stream().mapToInt(Integer::intValue).toArray());
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
    int[] states = bestStates();
    int[] path = new int[states.length];
    for (int i = 0; i < path.length; i++) {
      path[i] = states[i] / slots(i);
    }
    return path;
  }

  private int[] bestStates() {
    int[] states = new int[chain.layers()];
    int state = 0;
    for (int s = 1; states.length > 0 && s < effortTo[last()].length; s++) {
      state = effortTo[last()][s] < effortTo[last()][state] ? s : state;
    }
    for (int i = last(); i >= 0; i--) {
      states[i] = state;
      state = cameFrom[i][state];
    }
    return states;
  }
}
