package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Weak pairs in quick turn.
 *
 * <p>Unit: haste (common practice, no source).
 */
public final class WeakPairTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader("weak-pair", "weak pairs of fingers", "haste", Facets.HASTE, MoveLook.FINGERS);

  private static final double PER_HASTE = 0.15;
  private final WeakPairs pairs;

  /** The term as it is for a player. */
  public WeakPairTerm(WeakPairs pairs) {
    this.pairs = pairs;
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return !handTravels && moment.haste() > 0;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    return pairs.joins(from, to) ? PER_HASTE * moment.haste() : 0;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return "Fingers "
        + from.top().finger().sign()
        + " and "
        + to.top().finger().sign()
        + " in quick turn are a weak pair.";
  }
}
