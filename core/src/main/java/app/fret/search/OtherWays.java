package app.fret.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What each other way to take one layer would cost, exactly. */
public final class OtherWays {
  private final Lattice lattice;

  /** The other ways through a solved lattice. */
  public OtherWays(Lattice lattice) {
    this.lattice = lattice;
  }

  /**
   * A way other than the one taken.
   *
   * @param choice the cheapest choice of the layer that is this way
   * @param extraEffort what the best plan through it costs more than the best of all
   */
  public record Way(int choice, double extraEffort) {}

  /**
   * The ways through a layer, each by its cheapest choice, cheapest first; those without any plan
   * are left out.
   *
   * @param wayOf number of the way of each choice of the layer, from 0 and below their count;
   *     choices of one way are told apart by nobody
   * @param taken number of the way that is taken and not listed
   */
  public List<Way> through(int layer, int[] wayOf, int taken) {
    Way[] cheapest = new Way[wayOf.length];
    for (int choice = 0; choice < wayOf.length; choice++) {
      double extra = Math.max(0, lattice.through(layer, choice) - lattice.least());
      Way known = cheapest[wayOf[choice]];
      if (extra < Double.POSITIVE_INFINITY && (known == null || extra < known.extraEffort())) {
        cheapest[wayOf[choice]] = new Way(choice, extra);
      }
    }
    List<Way> others = new ArrayList<>();
    for (int way = 0; way < cheapest.length; way++) {
      if (cheapest[way] != null && way != taken) {
        others.add(cheapest[way]);
      }
    }
    others.sort(Comparator.comparingDouble(Way::extraEffort));
    return others;
  }
}
