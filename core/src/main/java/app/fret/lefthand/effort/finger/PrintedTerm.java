package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Printed fingers and strings: what the part asks for. Counts only in the plan that keeps them.
 *
 * <p>Unit: printed signs not kept.
 */
public final class PrintedTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader("printed", "printed signs not kept", "fingers", Facets.of(Facet.PRINTED));

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    double missed = 0;
    for (int i = 0; i < at.stops().size() && i < moment.printed().size(); i++) {
      Moment.Printed printed = moment.printed().get(i);
      Stop stop = at.stops().get(i);
      missed += printed.finger().isPresent() && printed.finger().get() != stop.finger() ? 1 : 0;
      missed +=
          printed.string().isPresent() && printed.string().getAsInt() != stop.string() ? 1 : 0;
    }
    return missed;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return "The part prints another finger or string here.";
  }
}
