package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * Climax: the long note a line climbs to sings on a strong finger, and not on the fourth to save a
 * shift. For the violin and viola: on the cello and bass the fourth is a finger like others.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class ClimaxTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "climax", "weak fingers on the climax", "points", Facets.of(Moment.Sign.CLIMAX));

  private static final double ON_FOURTH = 1;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    boolean isWeak = at.top().finger() == Finger.FOURTH;
    return moment.is(Moment.Sign.CLIMAX) && isWeak ? ON_FOURTH : 0;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return "The note the line climbs to would sing better on a stronger finger.";
  }
}
