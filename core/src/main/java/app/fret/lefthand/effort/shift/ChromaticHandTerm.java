package app.fret.lefthand.effort.shift;

import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * Half steps go a finger each, three or four to a hand: where the next hand begins the hand glides
 * on, which takes off most of the shift.
 *
 * <p>Unit: those of a shift, taken off (common practice, no source).
 */
public final class ChromaticHandTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "chromatic-hand",
          "hands of half steps",
          "bits",
          Facets.HASTE.and(Moment.Sign.CHROMATIC),
          MoveLook.FINGERS);

  private static final double TAKEN_OFF = 0.7;

  private final ShiftTerm shift;

  /** The term as it is for a player whose shifts cost so. */
  public ChromaticHandTerm(ShiftTerm shift) {
    this.shift = shift;
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return !stringChanges && moment.is(Moment.Sign.CHROMATIC);
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (!moment.is(Moment.Sign.CHROMATIC) || !isHalfStepOnAString(from, to)) {
      return 0;
    }
    boolean up = to.top().place() > from.top().place();
    Stop lower = up ? from.top() : to.top();
    Stop upper = up ? to.top() : from.top();
    boolean goesOn = up ? to.hand() > from.hand() : to.hand() < from.hand();
    if (!goesOn || !isLast(lower.finger()) || upper.finger() != Finger.FIRST) {
      return 0;
    }
    int lowerHand = lower.place() - lower.finger().rank() + Finger.FIRST.rank();
    return up
        ? -TAKEN_OFF * shift.travel(moment, lowerHand, upper.place())
        : -TAKEN_OFF * shift.travel(moment, upper.place(), lowerHand);
  }

  private static boolean isLast(Finger finger) {
    return finger == Finger.THIRD || finger == Finger.FOURTH;
  }

  private static boolean isHalfStepOnAString(Placement from, Placement to) {
    return from.isSingle()
        && to.isSingle()
        && from.top().isPressed()
        && to.top().isPressed()
        && from.top().string() == to.top().string()
        && Math.abs(to.top().place() - from.top().place()) == 1;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return "Half steps take a finger each, and the hand moves on as one.";
  }
}
