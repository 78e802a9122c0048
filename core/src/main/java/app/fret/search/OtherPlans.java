package app.fret.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Finds plans that are other ideas than those known: they differ in kind in so many layers, where
 * whoever asks says how many and which choices differ.
 *
 * <p>Problem: the plan of least effort among those that differ so much from every known plan.
 * Method: a price on every choice that is of the kind a known plan takes there, raised by steps for
 * the plans that are still too near, and the cheapest plan under these prices (Lagrangian
 * relaxation, common knowledge). What is found is the least of all plans that differ from each
 * known one as often as it does; a plan between two steps of the price can be passed over. Cost:
 * one forward pass of {@link Lattice} for each step of the price.
 */
public final class OtherPlans {
  /** More are not searched for: they would be no ideas any more. */
  public static final int MOST = 6;

  private static final double FIRST_PRICE = 0.02;
  private static final double PRICE_STEP = 1.7;
  private static final int MOST_STEPS = 24;

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
   * @param needed in how many layers at least a plan differs from every other
   */
  public OtherPlans(Chain chain, double[][] stays, Kinds kinds, int needed) {
    this.chain = chain;
    this.stays = stays;
    this.kinds = kinds;
    this.needed = needed;
  }

  /**
   * A plan found.
   *
   * @param path choice of each layer
   * @param effort its effort
   */
  public record Found(int[] path, double effort) {}

  /**
   * The next plans after those known, at most so many, in the order they were found.
   *
   * @throws IllegalArgumentException for more than {@link #MOST}
   */
  public List<Found> after(List<int[]> known, int count) {
    if (count < 0 || count > MOST) {
      throw new IllegalArgumentException(count + " other plans; ask for 0 to " + MOST);
    }
    List<int[]> apartFrom = new ArrayList<>(known);
    List<Found> found = new ArrayList<>();
    while (found.size() < count && chain.layers() > 0) {
      Optional<Found> next = next(apartFrom);
      if (next.isEmpty()) {
        break;
      }
      found.add(next.get());
      apartFrom.add(next.get().path());
    }
    return found;
  }

  /** Whether two plans are different ideas. */
  public boolean areApart(int[] one, int[] other) {
    return differing(one, other) >= needed;
  }

  private int differing(int[] one, int[] other) {
    int differing = 0;
    for (int layer = 0; layer < one.length; layer++) {
      differing += kinds.differ(layer, one[layer], other[layer]) ? 1 : 0;
    }
    return differing;
  }

  private Optional<Found> next(List<int[]> known) {
    double[] prices = new double[known.size()];
    Arrays.fill(prices, FIRST_PRICE);
    for (int step = 0; step < MOST_STEPS; step++) {
      Lattice lattice = new Lattice(chain, priced(known, prices));
      if (Double.isInfinite(lattice.least())) {
        return Optional.empty();
      }
      int[] path = lattice.path();
      boolean apart = true;
      for (int i = 0; i < prices.length; i++) {
        if (!areApart(path, known.get(i))) {
          prices[i] *= PRICE_STEP;
          apart = false;
        }
      }
      if (apart) {
        return Optional.of(new Found(path, lattice.least() - paid(path, known, prices)));
      }
    }
    return Optional.empty();
  }

  private double[][] priced(List<int[]> known, double[] prices) {
    double[][] priced = new double[stays.length][];
    for (int layer = 0; layer < priced.length; layer++) {
      priced[layer] = stays[layer].clone();
      for (int choice = 0; choice < priced[layer].length; choice++) {
        priced[layer][choice] += price(layer, choice, known, prices);
      }
    }
    return priced;
  }

  private double price(int layer, int choice, List<int[]> known, double[] prices) {
    double price = 0;
    for (int i = 0; i < prices.length; i++) {
      price += kinds.differ(layer, choice, known.get(i)[layer]) ? 0 : prices[i];
    }
    return price;
  }

  private double paid(int[] path, List<int[]> known, double[] prices) {
    double paid = 0;
    for (int layer = 0; layer < path.length; layer++) {
      paid += price(layer, path[layer], known, prices);
    }
    return paid;
  }
}
