package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * Trills lie on 1-2, 2-3 and 1-3 before 3-4; the fourth finger has none above it, and an open
 * string would be trilled by the first finger alone.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class TrillTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader("trill", "weak trills", "points", Facets.of(Moment.Sign.TRILLED));

  private static final double NO_FINGER_ABOVE = 1.5;
  private static final double OPEN_STRING = 1.3;
  private static final double THIRD_WITH_FOURTH = 0.2;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (!moment.is(Moment.Sign.TRILLED)) {
      return 0;
    }
    return on(at.top());
  }

  private static double on(Stop stop) {
    if (stop.isOpen()) {
      return OPEN_STRING;
    }
    if (stop.isHarmonic()) {
      return NO_FINGER_ABOVE;
    }
    if (stop.finger() == Finger.FOURTH) {
      return NO_FINGER_ABOVE;
    }
    return stop.finger() == Finger.THIRD ? THIRD_WITH_FOURTH : 0;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    if (at.top().isOpen()) {
      return "A trill on an open string has the first finger only.";
    }
    return at.top().finger() == Finger.FOURTH
        ? "A trill on the fourth finger has no finger above it."
        : "A trill on 3 and 4 is weaker than one on lower fingers.";
  }
}
