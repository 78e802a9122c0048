package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * A trill that is written out lies as a trill does: on one string, on strong fingers, and not on an
 * open string.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class WrittenTrillTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "written-trill",
          "weak fingers in a written trill",
          "points",
          Facets.of(Moment.Sign.WRITTEN_TRILL),
          MoveLook.FINGERS);

  private static final double OPEN_STRING = 0.25;
  private static final double THIRD_WITH_FOURTH = 0.2;
  private static final double NO_TRILL = 0.5;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return moment.is(Moment.Sign.WRITTEN_TRILL);
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (!moment.is(Moment.Sign.WRITTEN_TRILL)) {
      return 0;
    }
    Stop one = from.top();
    Stop other = to.top();
    if (!isOnTwoFingers(one, other)) {
      return NO_TRILL;
    }
    if (one.isOpen() || other.isOpen()) {
      return OPEN_STRING;
    }
    return isThirdWithFourth(one, other) ? THIRD_WITH_FOURTH : 0;
  }

  private static boolean isOnTwoFingers(Stop one, Stop other) {
    return one.string() == other.string() && one.finger() != other.finger();
  }

  private static boolean isThirdWithFourth(Stop one, Stop other) {
    return one.finger() == Finger.THIRD && other.finger() == Finger.FOURTH
        || one.finger() == Finger.FOURTH && other.finger() == Finger.THIRD;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    if (!isOnTwoFingers(from.top(), to.top())) {
      return "A written-out trill lies best on two fingers of one string.";
    }
    return from.top().isOpen() || to.top().isOpen()
        ? "A written-out trill on an open string has the first finger only."
        : "A written-out trill on 3 and 4 is weaker than one on lower fingers.";
  }
}
