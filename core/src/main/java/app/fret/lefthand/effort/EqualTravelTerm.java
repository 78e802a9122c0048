package app.fret.lefthand.effort;

import app.fret.instrument.Player;

/**
 * Equal travel: successive shifts over equal distances are easier to learn than over equal counts
 * of semitones. Only on instruments where that is taught.
 *
 * <p>Unit: whether the distances agree to 10 mm (common practice, no source).
 */
final class EqualTravelTerm implements TurnTerm {
  private static final double GAIN = -0.15;
  private static final int LEAST_MM = 20;

  private final boolean counts;

  EqualTravelTerm(Player player) {
    counts = player.instrument().handling().comparesTravel();
  }

  @Override
  public String name() {
    return "equal-travel";
  }

  @Override
  public String inShort() {
    return "shifts of equal distance";
  }

  @Override
  public String unit() {
    return "mm";
  }

  @Override
  public Facets facets() {
    return Facets.NONE;
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
