package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.effort.term.TurnTerm;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Alternation: a weak pair that goes back and forth is worse than one that passes once.
 *
 * <p>Unit: haste (common practice, no source).
 */
public final class AlternationTerm implements TurnTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "alternation",
          "weak fingers back and forth",
          "haste",
          Facets.HASTE.and(Moment.Sign.RETURNS));

  private static final double PER_HASTE = 0.10;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Trail before, Turn now) {
    boolean back =
        moment.is(Moment.Sign.RETURNS)
            && before.travel() == 0
            && before.fromString() == now.fromString();
    return back && now.weakPair() ? PER_HASTE * moment.haste() : 0;
  }

  @Override
  public String reason(Moment moment, Trail before, Turn now) {
    return "A weak pair of fingers goes back and forth.";
  }
}
