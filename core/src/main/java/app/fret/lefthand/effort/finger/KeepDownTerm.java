package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.effort.term.TurnTerm;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Keep down: a finger that stays on the string and is used again is a gain.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class KeepDownTerm implements TurnTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "keep-down", "fingers kept down", "points", Facets.HASTE.and(Moment.Sign.RETURNS));

  private static final double GAIN = -0.04;
  private static final double IN_HASTE = -0.04;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Trail before, Turn now) {
    boolean kept =
        moment.is(Moment.Sign.RETURNS)
            && now.fingerStays()
            && before.fromString() == now.intoString()
            && before.travel() == 0
            && now.trail().travel() == 0;
    return kept ? GAIN + IN_HASTE * moment.haste() : 0;
  }

  @Override
  public String reason(Moment moment, Trail before, Turn now) {
    return "The finger has stayed on the string and is used again.";
  }
}
