package app.fret.lefthand.effort.string;

import app.fret.instrument.Instrument;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.effort.term.TurnTerm;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Lone note: one open or top-string note among notes on another string sticks out, above all in
 * piano.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class LoneNoteTerm implements TurnTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "lone-note",
          "single notes that stick out",
          "points",
          Facets.HASTE.and(Facet.SOFT).and(Moment.Sign.PEDAL, Moment.Sign.SHORT));

  private static final double STICKS_OUT = 0.05;
  private static final double IN_PIANO = 0.15;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Trail before, Turn now) {
    boolean sticksOut = now.overOpen() || now.fromString() == 1;
    boolean alone = before.fromString() == now.intoString() && now.intoString() != now.fromString();
    if (!sticksOut || !alone || moment.is(Moment.Sign.PEDAL) || moment.is(Moment.Sign.SHORT)) {
      return 0;
    }
    double calm = 1 - moment.haste() / 2;
    return (STICKS_OUT + (moment.isSoft() ? IN_PIANO : 0)) * calm;
  }

  @Override
  public String reason(Moment moment, Trail before, Turn now) {
    return "One note on string "
        + Instrument.numeral(now.fromString())
        + " alone sticks out of the line.";
  }
}
