package app.fret.lefthand.effort.shift;

import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.effort.term.TurnTerm;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Staying put: to leave a position for one note and come back is bad, the more the faster the
 * notes; and a hand that moves on before it has settled for a single note creeps.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class StayingPutTerm implements TurnTerm {
  private static final TermHeader HEADER =
      new TermHeader("staying-put", "going away and coming back", "points", Facets.HASTE);

  private static final double DETOUR = 0.40;
  private static final double CREEPING = 0.35;
  private static final double IN_HASTE = 0.20;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Trail before, Turn now) {
    int turned = Integer.signum(before.travel()) * Integer.signum(now.trail().travel());
    if (turned == 0 || moment.comesAfterRest()) {
      return 0;
    }
    return (turned < 0 ? DETOUR : CREEPING) + IN_HASTE * moment.haste();
  }

  @Override
  public String reason(Moment moment, Trail before, Turn now) {
    return Integer.signum(before.travel()) == Integer.signum(now.trail().travel())
        ? "The hand moves on after a single note."
        : "The hand went away for one note and comes back.";
  }
}
