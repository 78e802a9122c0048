package app.fret.lefthand.effort.finger;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * Finger strength: long notes that vibrate lie better on 2, 3 and 1 than on 4, unless 3 backs it.
 *
 * <p>Unit: seconds on the fourth finger (common practice, no source).
 */
public final class FingerStrengthTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "finger-strength", "weak fingers on long notes", "seconds", Facets.of(Facet.LENGTH));

  private static final double FOURTH_AT_ALL = 0.02;
  private static final double PER_LONG_SECOND = 0.18;
  private static final double THUMB_BESIDE_FOURTH = 1.5;
  private static final double LONGEST_COUNTED_SECONDS = 2;

  private final boolean fourthBacked;

  /** The term as it is for a player. */
  public FingerStrengthTerm(Player player) {
    fourthBacked = player.instrument().handling().fourthBacked();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    double effort = 0;
    for (Stop stop : at.stops()) {
      if (stop.finger() == Finger.FOURTH && !fourthBacked) {
        effort += FOURTH_AT_ALL + onLong(moment);
      } else if (stop.finger() == Finger.THUMB && at.isSingle()) {
        effort += THUMB_BESIDE_FOURTH * onLong(moment);
      }
    }
    return effort;
  }

  private static double onLong(Moment moment) {
    return moment.isLong()
        ? PER_LONG_SECOND * Math.min(moment.lengthSeconds(), LONGEST_COUNTED_SECONDS)
        : 0;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    if (at.top().finger() == Finger.THUMB) {
      return "A long note on the thumb is hard to let vibrate.";
    }
    return moment.isLong()
        ? "A long note on the fourth finger is harder to let vibrate."
        : "The fourth finger is the weakest.";
  }
}
