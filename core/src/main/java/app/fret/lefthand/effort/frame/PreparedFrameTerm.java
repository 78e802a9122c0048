package app.fret.lefthand.effort.frame;

import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Prepared frame: a shape of the hand is set before landing and kept; setting the thumb, or opening
 * and closing the hand where it stands, costs.
 *
 * <p>Unit: points, more in haste (common practice, no source).
 */
public final class PreparedFrameTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "prepared-frame", "changes of the frame", "points", Facets.HASTE, MoveLook.HANDS);

  private static final double THUMB_SET_OR_LIFTED = 0.90;
  private static final double THUMB_SHAPE_CHANGED = 0.44;
  private static final double HAND_OPENED = 0.10;
  private static final double HASTE_SHARE = 0.5;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (from.frame() == to.frame() || !from.usesHand() || !to.usesHand()) {
      return 0;
    }
    double change =
        from.frame().region() != to.frame().region()
            ? THUMB_SET_OR_LIFTED
            : from.hand() != to.hand() ? 0 : openedOnTheSpot(to);
    double share = moment.comesAfterRest() ? HASTE_SHARE : 1;
    return change * share * (1 + HASTE_SHARE * moment.haste());
  }

  private static double openedOnTheSpot(Placement to) {
    return to.inThumbPosition() ? THUMB_SHAPE_CHANGED : HAND_OPENED;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    if (from.frame().region() != to.frame().region()) {
      return to.inThumbPosition()
          ? "The thumb is set on the strings."
          : "The thumb leaves the strings.";
    }
    return to.inThumbPosition()
        ? "The fingers change their places over the thumb."
        : "The hand opens or closes where it stands.";
  }
}
