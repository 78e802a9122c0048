package app.fret.lefthand.effort.frame;

import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * A broken chord is a chord: each of its notes has its own string, and the fingers lie as if all
 * were played at once.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class HeldChordTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "held-chord",
          "broken chords not held",
          "points",
          Facets.of(Facet.CHORD),
          MoveLook.FINGERS);

  private static final double HELD = -0.10;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return stringChanges && !handTravels && moment.chordStep() != 0;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    int step = moment.chordStep();
    return step != 0
            && from.isSingle()
            && to.isSingle()
            && from.top().string() - to.top().string() == step
            && isOneHand(from, to)
            && canLieTogether(from.top(), to.top(), Math.abs(step))
        ? HELD
        : 0;
  }

  private static boolean isOneHand(Placement from, Placement to) {
    return !from.usesHand() || !to.usesHand() || from.hand() == to.hand();
  }

  private static boolean canLieTogether(Stop one, Stop other, int strings) {
    if (one.isHarmonic() || other.isHarmonic()) {
      return false;
    }
    boolean isBar = one.place() == other.place() && strings == 1;
    return one.isOpen() || other.isOpen() || one.finger() != other.finger() || isBar;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return "The broken chord lies under the hand at once.";
  }
}
