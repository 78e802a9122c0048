package app.fret.practice.schedule;

import java.util.List;

/**
 * How a card goes easier than usual since something in its passage hurt.
 *
 * @param without labels of the bars that are left out
 * @param halved labels of the bars that come back, played half as often as usual
 * @param rungsLower how many rungs lower than usual it goes
 */
public record Easing(List<String> without, List<String> halved, int rungsLower) {
  /** Not at all. */
  public static final Easing NONE = new Easing(List.of(), List.of(), 0);

  public Easing {
    without = List.copyOf(without);
    halved = List.copyOf(halved);
  }

  /** Whether a spot lies in a bar that hurt. */
  boolean holds(Spot spot) {
    String bar = Sparing.barOf(spot.place());
    return without.contains(bar) || halved.contains(bar);
  }
}
