package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.UpperFinger;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import java.util.Optional;

/**
 * Trills lie on 1-2, 2-3 and 1-3 before 3-4, where the hand brings a finger at the trill's own
 * interval; the fourth finger has none above it, and an open string would be trilled by the first
 * finger alone.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class TrillTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "trill",
          "weak trills",
          "points",
          Facets.of(Moment.Sign.TRILLED_HALF, Moment.Sign.TRILLED_WHOLE));

  private static final double NO_FINGER_ABOVE = 4;
  private static final double OPEN_STRING = 1.3;
  private static final double WITH_FOURTH = 0.2;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (!moment.is(Moment.Sign.TRILLED_HALF) && !moment.is(Moment.Sign.TRILLED_WHOLE)) {
      return 0;
    }
    if (at.top().isOpen()) {
      return OPEN_STRING;
    }
    Optional<Finger> upper = upper(moment, at);
    if (at.top().isHarmonic() || upper.isEmpty()) {
      return NO_FINGER_ABOVE;
    }
    return upper.get() == Finger.FOURTH ? WITH_FOURTH : 0;
  }

  private static Optional<Finger> upper(Moment moment, Placement at) {
    return UpperFinger.of(at, moment.is(Moment.Sign.TRILLED_HALF) ? 1 : 2);
  }

  @Override
  public String reason(Moment moment, Placement at) {
    if (at.top().isOpen()) {
      return "A trill on an open string has the first finger only.";
    }
    if (at.top().finger() == Finger.FOURTH) {
      return "A trill on the fourth finger has no finger above it.";
    }
    return upper(moment, at).isEmpty()
        ? "No finger of this hand stands where the trill's upper note is."
        : "A trill with the fourth finger is weaker than one with lower fingers.";
  }
}
