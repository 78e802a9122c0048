package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.FigureTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;

/**
 * Sequence: the same figure, repeated or on other degrees, takes the same fingers if it can.
 *
 * <p>Unit: fingers and strings that differ (common practice, no source).
 */
public final class SequenceTerm implements FigureTerm {
  private static final TermHeader HEADER =
      new TermHeader("sequence", "figures fingered differently", "fingers", Facets.NONE);

  private static final double PER_FINGER = 0.22;
  private static final double PER_FINGER_ON_OTHER_DEGREES = 0.06;
  private static final double PER_STRING_OF_REPEAT = 0.05;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Placement at, Placement model, boolean samePitch) {
    if (at.stops().size() != model.stops().size()) {
      return 0;
    }
    double effort = 0;
    for (int i = 0; i < at.stops().size(); i++) {
      Stop stop = at.stops().get(i);
      Stop before = model.stops().get(i);
      effort +=
          stop.finger() == before.finger()
              ? 0
              : samePitch ? PER_FINGER : PER_FINGER_ON_OTHER_DEGREES;
      effort += samePitch && stop.string() != before.string() ? PER_STRING_OF_REPEAT : 0;
    }
    return effort;
  }

  @Override
  public String reason(Placement at, Placement model) {
    return "The same figure has finger " + model.top().finger().sign() + " here elsewhere.";
  }
}
