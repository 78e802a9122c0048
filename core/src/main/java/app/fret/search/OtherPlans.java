package app.fret.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Finds the next best plans that differ in kind.
 *
 * <p>Problem: the plan of least effort among those that differ from each given plan in at least
 * {@link #LAYERS_THAT_DIFFER} layers, where whoever asks says which choices differ. Exact: the
 * state of {@link Lattice} with a count, up to that many, of the layers that differ so far from
 * each given plan. Cost: that of the lattice's forward pass times {@code (LAYERS_THAT_DIFFER + 1)}
 * to the power of the plans given. Source: dynamic programming with counters, common knowledge.
 */
public final class OtherPlans {
  /** A plan is another one when so many layers differ, or all of a shorter chain. */
  public static final int LAYERS_THAT_DIFFER = 3;

  /** More are not searched for: the work grows fourfold with each. */
  public static final int MOST = 3;

  private final Chain chain;
  private final double[][] stays;
  private final Kinds kinds;
  private final int needed;

  /** Says which choices of a layer are of another kind. */
  @FunctionalInterface
  public interface Kinds {
    /** Whether two choices of a layer differ in kind. */
    boolean differ(int layer, int one, int other);
  }

  /**
   * A search over a chain.
   *
   * @param stays effort of each choice of each layer, infinite where it is forbidden
   * @param kinds which choices differ
   */
  public OtherPlans(Chain chain, double[][] stays, Kinds kinds) {
    this.chain = chain;
    this.stays = stays;
    this.kinds = kinds;
    this.needed = Math.min(LAYERS_THAT_DIFFER, chain.layers());
  }

  /**
   * A plan found.
   *
   * @param path choice of each layer
   * @param effort its effort
   */
  public record Found(int[] path, double effort) {}

  /** The next plans after the best one, at most so many. */
  public List<Found> after(int[] best, int count) {
    if (count < 0 || count > MOST) {
      throw new IllegalArgumentException(count + " other plans; ask for 0 to " + MOST);
    }
    List<int[]> known = new ArrayList<>(List.of(best));
    List<Found> found = new ArrayList<>();
    for (int i = 0; i < count && best.length > 0; i++) {
      Optional<Found> next = new Search(known).find();
      if (next.isEmpty()) {
        break;
      }
      found.add(next.get());
      known.add(next.get().path());
    }
    return found;
  }

  /**
   * One search; its arrays live as long.
   *
   * <p>States are many: choices times trails times counts. So the efforts of whole layers are kept
   * only at the start of each block of layers, and the way back is worked out anew block by block.
   * That takes twice the time of one pass and the square root of its memory.
   */
  private final class Search {
    private final List<int[]> known;
    private final int counts;
    private final int blockLength = (int) Math.ceil(Math.sqrt(chain.layers()));
    private final double[][] effortAtBlock;

    Search(List<int[]> known) {
      this.known = known;
      this.counts = (int) Math.pow(needed + 1, known.size());
      this.effortAtBlock = new double[chain.layers() / blockLength + 1][];
    }

    private int slots(int layer) {
      return chain.trailsInto(layer).length;
    }

    private int states(int layer) {
      return chain.size(layer) * slots(layer) * counts;
    }

    Optional<Found> find() {
      double[] effort = start();
      for (int layer = 0; layer < chain.layers(); layer++) {
        effort = layer == 0 ? effort : extend(layer, effort, new int[0]);
        if (layer % blockLength == 0) {
          effortAtBlock[layer / blockLength] = effort;
        }
      }
      int best = bestOf(effort);
      return best < 0 ? Optional.empty() : Optional.of(new Found(trace(best), effort[best]));
    }

    private double[] start() {
      double[] effort = new double[states(0)];
      Arrays.fill(effort, Double.POSITIVE_INFINITY);
      for (int choice = 0; choice < chain.size(0); choice++) {
        effort[choice * counts + counted(0, 0, choice)] = stays[0][choice];
      }
      return effort;
    }

    /**
     * Least efforts of a layer from those of the layer before.
     *
     * @param cameFrom filled with the state before each state, unless it is empty
     */
    private double[] extend(int layer, double[] before, int[] cameFrom) {
      double[] here = new double[states(layer)];
      Arrays.fill(here, Double.POSITIVE_INFINITY);
      int[][] next = countsAfter(layer);
      int slotsBefore = slots(layer - 1);
      for (int source = 0; source < chain.size(layer - 1); source++) {
        for (int slot = 0; slot < slotsBefore; slot++) {
          Step step = new Step(before, (source * slotsBefore + slot) * counts, here, cameFrom);
          extend(layer, source, slot, next, step);
        }
      }
      return here;
    }

    /** Extends the states of one source and trail by all moves of the source. */
    private void extend(int layer, int source, int slot, int[][] next, Step step) {
      Chain.Link link = chain.into(layer);
      int trail = chain.trailsInto(layer - 1)[slot];
      Moves moves = link.moves();
      for (int run = moves.runsFrom()[source]; run < moves.runsFrom()[source + 1]; run++) {
        double turn = link.turnEfforts()[moves.turns()[run]][trail];
        for (int move = moves.movesFrom()[run]; move < moves.movesFrom()[run + 1]; move++) {
          int target = moves.target(move);
          double effort = turn + link.efforts()[move] + stays[layer][target];
          if (effort < Double.POSITIVE_INFINITY) {
            step.take(moves.stateOf()[move] * counts, effort, next[target]);
          }
        }
      }
    }

    /** For each choice of a layer the count after it, by the count before. */
    private int[][] countsAfter(int layer) {
      int[][] after = new int[chain.size(layer)][counts];
      for (int choice = 0; choice < after.length; choice++) {
        for (int count = 0; count < counts; count++) {
          after[choice][count] = counted(count, layer, choice);
        }
      }
      return after;
    }

    /** The counts after one more layer; each plan's count is a digit to the base needed + 1. */
    private int counted(int count, int layer, int choice) {
      int next = 0;
      int unit = 1;
      int rest = count;
      for (int[] plan : known) {
        int digit = rest % (needed + 1);
        rest /= needed + 1;
        boolean differs = kinds.differ(layer, choice, plan[layer]);
        next += unit * Math.min(needed, digit + (differs ? 1 : 0));
        unit *= needed + 1;
      }
      return next;
    }

    /** The state of least effort among those that differ enough from every plan; -1 for none. */
    private int bestOf(double[] effort) {
      int best = -1;
      for (int state = counts - 1; state < effort.length; state += counts) {
        boolean finite = effort[state] < Double.POSITIVE_INFINITY;
        if (finite && (best < 0 || effort[state] < effort[best])) {
          best = state;
        }
      }
      return best;
    }

    /** Goes back block by block; a block ends where the next one starts. */
    private int[] trace(int last) {
      int[] path = new int[chain.layers()];
      int state = last;
      for (int block = (path.length - 1) / blockLength; block >= 0; block--) {
        int first = block * blockLength;
        int end = Math.min(path.length - 1, first + blockLength);
        int[][] cameFrom = new int[end - first + 1][];
        double[] effort = effortAtBlock[block];
        for (int layer = first + 1; layer <= end; layer++) {
          cameFrom[layer - first] = new int[states(layer)];
          effort = extend(layer, effort, cameFrom[layer - first]);
        }
        for (int layer = end; layer > first; layer--) {
          path[layer] = state / (slots(layer) * counts);
          state = cameFrom[layer - first][state];
        }
      }
      path[0] = state / counts;
      return path;
    }
  }

  /**
   * Extends the states of one source and trail by one move after another.
   *
   * @param before efforts of the layer before
   * @param from first of the states that are extended, one for each count
   * @param here efforts reached
   * @param cameFrom where each state was reached from; empty when nobody asks
   */
  private record Step(double[] before, int from, double[] here, int[] cameFrom) {
    void take(int to, double effort, int[] next) {
      for (int count = 0; count < next.length; count++) {
        double reached = before[from + count] + effort;
        int state = to + next[count];
        if (reached < here[state]) {
          here[state] = reached;
          if (cameFrom.length > 0) {
            cameFrom[state] = from + count;
          }
        }
      }
    }
  }
}
