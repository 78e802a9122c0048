package app.fret.lefthand.effort;

import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;

/**
 * Third and fourth finger in quick turn are the weakest pair.
 *
 * <p>Unit: haste (common practice, no source).
 */
final class WeakPairTerm implements MoveTerm {
  private static final double PER_HASTE = 0.10;

  @Override
  public String name() {
    return "weak-pair";
  }

  @Override
  public String unit() {
    return "notes a second";
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (from.base() != to.base()) {
      return 0;
    }
    Stop one = from.top();
    Stop other = to.top();
    boolean pair =
        (one.finger() == Finger.THIRD && other.finger() == Finger.FOURTH)
            || (one.finger() == Finger.FOURTH && other.finger() == Finger.THIRD);
    return pair && one.string() == other.string() ? PER_HASTE * moment.haste() : 0;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return "Fingers 3 and 4 in quick turn are the weakest pair.";
  }
}
