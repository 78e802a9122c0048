package app.fret.lefthand.effort.string;

import app.fret.instrument.Instrument;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * A string of its own: a pedal keeps its string and the tune the one beside it; words bind notes to
 * a string.
 *
 * <p>Unit: notes on another string (common practice, no source).
 */
public final class OwnStringTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "own-string",
          "notes off their own string",
          "notes",
          Facets.of(Facet.OWN_STRING).and(Moment.Sign.BOUND));

  private static final double OFF_THE_PEDAL = 1.5;
  private static final double AGAINST_THE_WORD = 6;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (moment.ownString() == 0) {
      return 0;
    }
    double effort = 0;
    for (int i = 0; i < at.stops().size(); i++) {
      if (at.stops().get(i).string() != moment.ownString()) {
        effort += moment.is(Moment.Sign.BOUND) ? AGAINST_THE_WORD : OFF_THE_PEDAL;
      }
    }
    return effort;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    String string = "string " + Instrument.numeral(moment.ownString());
    return moment.is(Moment.Sign.BOUND)
        ? "The part asks for " + string + "."
        : "In the pedal figure this note lies on " + string + ".";
  }
}
