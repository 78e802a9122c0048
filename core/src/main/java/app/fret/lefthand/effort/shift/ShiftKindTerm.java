package app.fret.lefthand.effort.shift;

import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Shift kind: cheapest on the same finger, by a half step or at a beat; dearest inside a fast slur,
 * into a weak high note or down onto an upper finger.
 *
 * <p>Unit: points (common practice, no source). Silent when the hand may travel unheard.
 */
public final class ShiftKindTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "shift-kind",
          "shifts at bad moments",
          "points",
          Facets.HASTE.and(Moment.Sign.BEAT_START, Moment.Sign.SLURRED, Moment.Sign.STAYS),
          MoveLook.FINGERS);

  private static final double INSIDE_SLUR = 0.25;
  private static final double OFF_THE_BEAT = 0.22;
  private static final double OFF_THE_BEAT_IN_HASTE = 0.25;
  private static final double SAME_FINGER = -0.15;
  private static final double HALF_STEP = -0.15;
  private static final double DOWN_ONTO_UPPER_FINGER = 0.25;
  private static final double WEAK_HIGH_NOTE = 0.12;
  private static final int HIGH_NOTE = 12;

  /** The part says to stay in position: only what cannot be reached moves the hand. */
  private static final double AGAINST_THE_WORD = 6;

  private final Crawl crawl;

  /** The term as it is for a player. */
  public ShiftKindTerm(Crawl crawl) {
    this.crawl = crawl;
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return handTravels && !moment.comesAfterRest();
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (!heardShift(moment, from, to)) {
      return 0;
    }
    double effort =
        moment.is(Moment.Sign.BEAT_START)
            ? 0
            : OFF_THE_BEAT + OFF_THE_BEAT_IN_HASTE * moment.haste();
    if (moment.slurred()) {
      effort += INSIDE_SLUR * (1 + moment.haste());
    }
    boolean sameString = from.top().string() == to.top().string();
    if (sameString && from.top().finger() == to.top().finger()) {
      effort += SAME_FINGER * (1 - moment.haste() / 2);
    }
    if (sameString && Math.abs(from.top().place() - to.top().place()) == 1) {
      effort += HALF_STEP;
    }
    if (to.hand() < from.hand() && to.top().finger().rank() > from.top().finger().rank()) {
      effort += DOWN_ONTO_UPPER_FINGER;
    }
    if (moment.is(Moment.Sign.STAYS)) {
      effort += AGAINST_THE_WORD;
    }
    if (to.top().semitone() > HIGH_NOTE && !moment.is(Moment.Sign.BEAT_START)) {
      effort += WEAK_HIGH_NOTE;
    }
    return effort;
  }

  private boolean heardShift(Moment moment, Placement from, Placement to) {
    return from.hand() != to.hand()
        && from.usesHand()
        && to.usesHand()
        && !moment.comesAfterRest()
        && !crawl.joins(from, to);
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    if (moment.is(Moment.Sign.STAYS)) {
      return "The part says to stay in position here.";
    }
    if (moment.slurred()) {
      return "The shift falls inside a slur.";
    }
    if (!moment.is(Moment.Sign.BEAT_START)) {
      return "The shift falls between beats.";
    }
    return from.top().finger() == to.top().finger()
        ? "The shift stays on one finger and falls on a beat."
        : "The shift falls on a beat.";
  }
}
