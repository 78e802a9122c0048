package app.fret.lefthand.effort;

import app.fret.lefthand.hand.Placement;

/**
 * Shift kind: cheapest on the same finger, by a half step or at a beat; dearest inside a fast slur
 * or down onto an upper finger.
 *
 * <p>Unit: points (common practice, no source). Silent when the hand may travel unheard.
 */
final class ShiftKindTerm implements MoveTerm {
  private static final double INSIDE_SLUR = 0.25;
  private static final double OFF_THE_BEAT = 0.15;
  private static final double SAME_FINGER = -0.15;
  private static final double HALF_STEP = -0.15;
  private static final double DOWN_ONTO_UPPER_FINGER = 0.25;

  @Override
  public String name() {
    return "shift-kind";
  }

  @Override
  public String unit() {
    return "points";
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (!heardShift(moment, from, to)) {
      return 0;
    }
    double effort = moment.beatStart() ? 0 : OFF_THE_BEAT;
    if (moment.slurred()) {
      effort += INSIDE_SLUR * (1 + moment.haste());
    }
    boolean sameString = from.top().string() == to.top().string();
    if (sameString && from.top().finger() == to.top().finger()) {
      effort += SAME_FINGER * (1 - moment.haste() / 2);
    }
    if (sameString && Math.abs(from.top().semitone() - to.top().semitone()) == 1) {
      effort += HALF_STEP;
    }
    if (to.base() < from.base() && to.top().finger().ordinal() > from.top().finger().ordinal()) {
      effort += DOWN_ONTO_UPPER_FINGER;
    }
    return effort;
  }

  private static boolean heardShift(Moment moment, Placement from, Placement to) {
    return from.base() != to.base() && from.usesHand() && to.usesHand() && !moment.comesAfterRest();
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    if (moment.slurred()) {
      return "The shift falls inside a slur.";
    }
    if (!moment.beatStart()) {
      return "The shift falls between beats.";
    }
    return from.top().finger() == to.top().finger()
        ? "The shift stays on one finger and falls on a beat."
        : "The shift falls on a beat.";
  }
}
