package app.fret.lefthand.effort.shift;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.effort.term.TurnTerm;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Equal travel: successive shifts over equal distances are easier to learn than over equal counts
 * of semitones. Only on instruments where that is taught.
 *
 * <p>Unit: whether the distances agree to 10 mm (common practice, no source).
 */
public final class EqualTravelTerm implements TurnTerm {
  private static final TermHeader HEADER =
      new TermHeader("equal-travel", "shifts of equal distance", "mm", Facets.NONE);

  private static final double GAIN = -0.15;
  private static final int LEAST_MM = 20;

  private final boolean counts;

  /** The term as it is for a player. */
  public EqualTravelTerm(Player player) {
    counts = player.instrument().handling().comparesTravel();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Trail before, Turn now) {
    int travel = now.trail().travel();
    return counts && travel == before.travel() && Math.abs(travel) >= LEAST_MM ? GAIN : 0;
  }

  @Override
  public String reason(Moment moment, Trail before, Turn now) {
    return "The hand travels as far as in the shift before, about "
        + Math.abs(now.trail().travel())
        + " mm.";
  }
}
