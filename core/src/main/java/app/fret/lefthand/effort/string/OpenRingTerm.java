package app.fret.lefthand.effort.string;

import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Open strings where they are welcome: in fast and in loud places they speak and ring by
 * themselves, while no finger has to fall.
 *
 * <p>Unit: haste, and points for a loud note (common practice, no source). Apart from what speaks
 * against open strings, so that a profile may weigh one without the other.
 */
public final class OpenRingTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "open-ring",
          "ringing open strings",
          "haste",
          Facets.HASTE.and(Facet.LOUD).and(Facet.SOFT).and(Moment.Sign.SHORT));

  private static final double IN_HASTE = -0.06;
  private static final double LOUD = -0.03;
  private static final double SHORT = -0.12;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    double effort = 0;
    for (int i = 0; i < at.stops().size(); i++) {
      Stop stop = at.stops().get(i);
      if (stop.isOpen()) {
        effort += moment.isSoft() ? 0 : IN_HASTE * moment.haste();
        effort += moment.isLoud() ? LOUD : 0;
        effort += moment.is(Moment.Sign.SHORT) ? SHORT : 0;
      }
    }
    return effort;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    if (moment.is(Moment.Sign.SHORT)) {
      return "The open string answers a short note at once.";
    }
    return moment.isLoud() && moment.haste() == 0
        ? "The open string rings in a loud place."
        : "The open string speaks by itself in a fast place.";
  }
}
