package app.fret.lefthand.effort.string;

import app.fret.instrument.Instrument;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Brightness: an upper string speaks quicker and sounds brighter than the next lower one. Only
 * where the profile asks for it.
 *
 * <p>Unit: strings below the highest (common practice, no source).
 */
public final class BrightnessTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader("brightness", "darker strings", "strings", Facets.NONE);

  private static final double PER_STRING = 0.1;

  /** A thumb frame is chosen for both its strings. */
  private static final double UNDER_THUMB = 0.3;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    double share = at.inThumbPosition() ? UNDER_THUMB : 1;
    return share * PER_STRING * (at.top().string() - 1);
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return "String "
        + Instrument.numeral(at.top().string())
        + " sounds less bright than an upper one.";
  }
}
