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

  /** One search; its arrays live as long. */
  private final class Search {
    private final List<int[]> known;
    private final int counts;
    private final double[][] effortTo;
    private final int[][] cameFrom;

    Search(List<int[]> known) {
      this.known = known;
      this.counts = (int) Math.pow(needed + 1, known.size());
      this.effortTo = new double[chain.layers()][];
      this.cameFrom = new int[chain.layers()][];
    }

    private int slots(int layer) {
      return chain.trailsInto(layer).length;
    }

    Optional<Found> find() {
      start();
      for (int i = 1; i < chain.layers(); i++) {
        extend(i);
      }
      return trace();
    }

    private void start() {
      effortTo[0] = new double[chain.size(0) * counts];
      Arrays.fill(effortTo[0], Double.POSITIVE_INFINITY);
      for (int p = 0; p < chain.size(0); p++) {
        effortTo[0][p * counts + counted(0, 0, p)] = stays[0][p];
      }
    }

    private void extend(int layer) {
      int slotsBefore = slots(layer - 1);
      effortTo[layer] = new double[chain.size(layer) * slots(layer) * counts];
      cameFrom[layer] = new int[effortTo[layer].length];
      Arrays.fill(effortTo[layer], Double.POSITIVE_INFINITY);
      for (int source = 0; source < chain.size(layer - 1); source++) {
        for (int slot = 0; slot < slotsBefore; slot++) {
          extend(layer, source, slot, (source * slotsBefore + slot) * counts);
        }
      }
    }

    /** Extends the states that begin at {@code from} by all moves of their source. */
    private void extend(int layer, int source, int slot, int from) {
      Chain.Link link = chain.into(layer);
      int trail = chain.trailsInto(layer - 1)[slot];
      Moves moves = link.moves();
      for (int run = moves.runsFrom()[source]; run < moves.runsFrom()[source + 1]; run++) {
        double turn = link.turnEfforts()[moves.turns()[run]][trail];
        for (int move = moves.movesFrom()[run]; move < moves.movesFrom()[run + 1]; move++) {
          int target = moves.target(move);
          double effort = turn + link.efforts()[move] + stays[layer][target];
          if (effort < Double.POSITIVE_INFINITY) {
            step(layer, target, from, moves.stateOf()[move] * counts, effort);
          }
        }
      }
    }

    private void step(int layer, int target, int from, int to, double effort) {
      for (int count = 0; count < counts; count++) {
        double reached = effortTo[layer - 1][from + count] + effort;
        if (reached == Double.POSITIVE_INFINITY) {
          continue;
        }
        int state = to + counted(count, layer, target);
        if (reached < effortTo[layer][state]) {
          effortTo[layer][state] = reached;
          cameFrom[layer][state] = from + count;
        }
      }
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

    private Optional<Found> trace() {
      int last = chain.layers() - 1;
      int best = -1;
      for (int state = counts - 1; state < effortTo[last].length; state += counts) {
        boolean finite = effortTo[last][state] < Double.POSITIVE_INFINITY;
        if (finite && (best < 0 || effortTo[last][state] < effortTo[last][best])) {
          best = state;
        }
      }
      if (best < 0) {
        return Optional.empty();
      }
      int[] path = new int[chain.layers()];
      int state = best;
      for (int i = last; i >= 0; i--) {
        path[i] = state / (slots(i) * counts);
        state = i > 0 ? cameFrom[i][state] : state;
      }
      return Optional.of(new Found(path, effortTo[last][best]));
    }
  }
}
