package app.fret.lefthand.effort;

import app.fret.instrument.Instrument;

/**
 * Lone note: one open or top-string note among notes on another string sticks out, above all in
 * piano.
 *
 * <p>Unit: points (common practice, no source).
 */
final class LoneNoteTerm implements TurnTerm {
  private static final double STICKS_OUT = 0.05;
  private static final double IN_PIANO = 0.15;

  @Override
  public String name() {
    return "lone-note";
  }

  @Override
  public String inShort() {
    return "single notes that stick out";
  }

  @Override
  public String unit() {
    return "points";
  }

  @Override
  public Facets facets() {
    return Facets.HASTE.and(Facet.SOFT).and(Moment.Sign.PEDAL, Moment.Sign.SHORT);
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
