package app.fret.lefthand.effort.frame;

import app.fret.instrument.Instrument;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Placed ahead: a finger that can stand on the next string before the bow arrives is a gain.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class PlacedAheadTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "placed-ahead", "fingers placed ahead", "points", Facets.HASTE, MoveLook.FINGERS);

  private static final double GAIN = -0.02;
  private static final double IN_HASTE = -0.03;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return !handTravels && stringChanges;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    Stop one = from.top();
    Stop other = to.top();
    boolean ready =
        from.hand() == to.hand()
            && one.string() != other.string()
            && one.finger() != other.finger()
            && !other.isOpen();
    return ready ? GAIN + IN_HASTE * moment.haste() : 0;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return "Finger "
        + to.top().finger().sign()
        + " can stand on string "
        + Instrument.numeral(to.top().string())
        + " before the bow arrives.";
  }
}
