package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Grace notes lead to their note under one still hand, on one string, with fingers of their own.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class GraceTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "grace",
          "haste at grace notes",
          "points",
          Facets.of(Moment.Sign.AFTER_GRACE),
          MoveLook.FINGERS);

  private static final double SHIFT = 0.60;
  private static final double OTHER_STRING = 0.15;
  private static final double SAME_FINGER = 0.30;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return moment.is(Moment.Sign.AFTER_GRACE);
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (!moment.is(Moment.Sign.AFTER_GRACE)) {
      return 0;
    }
    Stop one = from.top();
    Stop other = to.top();
    double effort = from.hand() != to.hand() ? SHIFT : 0;
    effort += one.string() != other.string() ? OTHER_STRING : 0;
    return effort + (!one.isOpen() && one.finger() == other.finger() ? SAME_FINGER : 0);
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return from.hand() != to.hand()
        ? "The hand would shift between grace note and note."
        : "The grace note does not lie under the hand beside its note.";
  }
}
