package app.fret.lefthand;

import app.fret.lefthand.hand.Placement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Finds the next best plans that differ in kind.
 *
 * <p>Problem: the plan of least effort among those that differ from each given plan in at least
 * {@link #NOTES_THAT_DIFFER} notes, where a note differs when it is stopped on another string, or
 * by another finger with the hand elsewhere; another finger or an open string alone is no other
 * kind. Exact: the state of {@link Lattice} with a count, up to that many, of the notes that differ
 * so far from each given plan. Cost: that of the lattice's forward pass times {@code
 * (NOTES_THAT_DIFFER + 1)} to the power of the plans given. Source: dynamic programming with
 * counters, common knowledge.
 */
final class DifferentPlans {
  /** A plan is another one when so many notes differ, or all of a shorter passage. */
  static final int NOTES_THAT_DIFFER = 3;

  /** More are not searched for: the work grows fourfold with each. */
  static final int MOST = 3;

  private final List<List<Placement>> layers;
  private final Joints joints;
  private final double[][] stays;
  private final int needed;

  DifferentPlans(List<List<Placement>> layers, Joints joints, double[][] stays) {
    this.layers = layers;
    this.joints = joints;
    this.stays = stays;
    this.needed = Math.min(NOTES_THAT_DIFFER, layers.size());
  }

  /**
   * A plan found.
   *
   * @param path placement of each note
   * @param effort its effort
   */
  record Found(int[] path, double effort) {}

  /** The next plans after the best one, at most so many. */
  List<Found> after(int[] best, int count) {
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
      this.effortTo = new double[layers.size()][];
      this.cameFrom = new int[layers.size()][];
    }

    private int slots(int layer) {
      return joints.trailsInto(layer).length;
    }

    Optional<Found> find() {
      start();
      for (int i = 1; i < layers.size(); i++) {
        extend(i);
      }
      return trace();
    }

    private void start() {
      effortTo[0] = new double[layers.get(0).size() * counts];
      Arrays.fill(effortTo[0], Double.POSITIVE_INFINITY);
      for (int p = 0; p < layers.get(0).size(); p++) {
        effortTo[0][p * counts + counted(0, 0, p)] = stays[0][p];
      }
    }

    private void extend(int layer) {
      int slotsBefore = slots(layer - 1);
      effortTo[layer] = new double[layers.get(layer).size() * slots(layer) * counts];
      cameFrom[layer] = new int[effortTo[layer].length];
      Arrays.fill(effortTo[layer], Double.POSITIVE_INFINITY);
      for (int source = 0; source < layers.get(layer - 1).size(); source++) {
        for (int slot = 0; slot < slotsBefore; slot++) {
          extend(layer, source, slot, (source * slotsBefore + slot) * counts);
        }
      }
    }

    /** Extends the states that begin at {@code from} by all moves of their source. */
    private void extend(int layer, int source, int slot, int from) {
      Joints.Joint joint = joints.into(layer);
      int trail = joints.trailsInto(layer - 1)[slot];
      double[][] turnEfforts = joints.turnEfforts(layer);
      MoveShapes.Shape shape = joint.shape();
      for (int run = shape.runsFrom()[source]; run < shape.runsFrom()[source + 1]; run++) {
        double turn = turnEfforts[shape.turns()[run]][trail];
        for (int move = shape.movesFrom()[run]; move < shape.movesFrom()[run + 1]; move++) {
          int target = shape.target(move);
          double effort = turn + joint.efforts()[move] + stays[layer][target];
          if (effort < Double.POSITIVE_INFINITY) {
            step(layer, target, from, shape.stateOf()[move] * counts, effort);
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

    /** The counts after one more note; each plan's count is a digit to the base needed + 1. */
    private int counted(int count, int layer, int placement) {
      int next = 0;
      int unit = 1;
      int rest = count;
      for (int[] plan : known) {
        int digit = rest % (needed + 1);
        rest /= needed + 1;
        boolean differs =
            isOtherKind(layers.get(layer).get(placement), layers.get(layer).get(plan[layer]));
        next += unit * Math.min(needed, digit + (differs ? 1 : 0));
        unit *= needed + 1;
      }
      return next;
    }

    private Optional<Found> trace() {
      int last = layers.size() - 1;
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
      int[] path = new int[layers.size()];
      int state = best;
      for (int i = last; i >= 0; i--) {
        path[i] = state / (slots(i) * counts);
        state = i > 0 ? cameFrom[i][state] : state;
      }
      return Optional.of(new Found(path, effortTo[last][best]));
    }
  }

  /**
   * Whether a note is stopped on another string, or by another finger of a hand that stands
   * elsewhere. An open string in place of a finger of the same hand is no other kind, nor is a hand
   * that only leans another way over the same finger.
   */
  static boolean isOtherKind(Placement one, Placement other) {
    if (!one.usesHand() || !other.usesHand() || one.stops().equals(other.stops())) {
      return false;
    }
    return one.hand() != other.hand() || one.top().string() != other.top().string();
  }
}
