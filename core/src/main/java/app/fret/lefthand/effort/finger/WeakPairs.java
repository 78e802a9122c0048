package app.fret.lefthand.effort.finger;

import app.fret.instrument.Player;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;

/**
 * Pairs of fingers that are weak in quick turn: third and fourth, and on instruments where the
 * third backs the fourth also second and fourth (common practice, no source).
 */
public final class WeakPairs {
  private final boolean secondIsWeakToo;

  /** As it is for a player. */
  public WeakPairs(Player player) {
    secondIsWeakToo = player.instrument().handling().fourthBacked();
  }

  /** Whether one finger of a weak pair follows the other on one string under a still hand. */
  public boolean joins(Placement from, Placement to) {
    Stop one = from.top();
    Stop other = to.top();
    if (from.hand() != to.hand() || one.string() != other.string()) {
      return false;
    }
    return (one.finger() == Finger.FOURTH && isWeakBeside(other.finger()))
        || (other.finger() == Finger.FOURTH && isWeakBeside(one.finger()));
  }

  private boolean isWeakBeside(Finger finger) {
    return finger == Finger.THIRD || (secondIsWeakToo && finger == Finger.SECOND);
  }
}
