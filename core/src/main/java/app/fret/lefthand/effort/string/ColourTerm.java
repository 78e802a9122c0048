package app.fret.lefthand.effort.string;

import app.fret.instrument.Instrument;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Colour: within a slur or a singing phrase the line stays on one string.
 *
 * <p>Unit: changes of string, weighed by calm (common practice, no source).
 */
public final class ColourTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "colour",
          "changes of colour inside the line",
          "strings",
          Facets.HASTE.and(Moment.Sign.SLURRED, Moment.Sign.PEDAL),
          MoveLook.FINGERS);

  private static final double IN_SLUR = 0.12;
  private static final double IN_PHRASE = 0.05;
  private static final double SINGING_SECONDS = 0.25;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return stringChanges && !moment.comesAfterRest() && !moment.is(Moment.Sign.PEDAL);
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (from.top().string() == to.top().string()
        || moment.comesAfterRest()
        || moment.is(Moment.Sign.PEDAL)) {
      return 0;
    }
    double calm = 1 - moment.haste() / 2;
    boolean sings = moment.previousSeconds() >= SINGING_SECONDS;
    return calm * (moment.slurred() ? IN_SLUR : sings ? IN_PHRASE : 0);
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return "The colour changes from string "
        + Instrument.numeral(from.top().string())
        + " to "
        + Instrument.numeral(to.top().string())
        + (moment.slurred() ? " inside a slur." : " inside the phrase.");
  }
}
