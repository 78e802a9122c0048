package app.fret.lefthand.effort.string;

import app.fret.instrument.Instrument;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.effort.term.TurnTerm;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * String hop: to go to another string for one note and come back costs more than the two crossings,
 * most where a string is skipped.
 *
 * <p>Unit: strings hopped, weighed by haste (common practice, no source).
 */
public final class StringHopTerm implements TurnTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "string-hop",
          "hops to another string for one note",
          "strings",
          Facets.HASTE.and(Moment.Sign.PEDAL, Moment.Sign.SHORT));

  /** A bow that leaves the string anyway goes to another at little price. */
  private static final double OFF_THE_STRING_SHARE = 0.4;

  private static final double PER_HOP = 0.06;
  private static final double IN_HASTE = 0.05;
  private static final double PER_STRING_SKIPPED = 0.04;
  private static final double SKIPPED_IN_HASTE = 0.12;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Trail before, Turn now) {
    int strings = Math.abs(now.intoString() - now.fromString());
    if (strings == 0 || before.fromString() != now.intoString() || moment.is(Moment.Sign.PEDAL)) {
      return 0;
    }
    double skipped = (PER_STRING_SKIPPED + SKIPPED_IN_HASTE * moment.haste()) * (strings - 1);
    double share = moment.is(Moment.Sign.SHORT) ? OFF_THE_STRING_SHARE : 1;
    return share * (PER_HOP + IN_HASTE * moment.haste() + skipped);
  }

  @Override
  public String reason(Moment moment, Trail before, Turn now) {
    return "The bow hopped to string "
        + Instrument.numeral(now.fromString())
        + " for one note and comes back.";
  }
}
