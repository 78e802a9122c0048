package app.fret.lefthand.effort.shift;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Check: a landing that can be heard against an open string in unison or octave is surer.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class CheckTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "check", "landings an open string can check", "points", Facets.NONE, MoveLook.FINGERS);

  private static final double GAIN = -0.06;
  private static final int OCTAVE = 12;

  private final int[][] checkString;

  /** The term as it is for a player. */
  public CheckTerm(Player player) {
    Instrument instrument = player.instrument();
    checkString = new int[instrument.stringCount() + 1][instrument.highestSemitone() + 1];
    for (int string = 1; string <= instrument.stringCount(); string++) {
      for (int semitone = 1; semitone <= instrument.highestSemitone(); semitone++) {
        checkString[string][semitone] =
            checkString(instrument, instrument.open(string).midi() + semitone);
      }
    }
  }

  /** The open string that sounds a note or its octave, 0 for none. */
  private static int checkString(Instrument instrument, int sounding) {
    for (int string = 1; string <= instrument.stringCount(); string++) {
      if ((sounding - instrument.open(string).midi()) % OCTAVE == 0) {
        return string;
      }
    }
    return 0;
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return handTravels;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    boolean lands = from.hand() != to.hand() && from.usesHand() && to.top().isPressed();
    return lands && checkString(to.top()) > 0 ? GAIN : 0;
  }

  private int checkString(Stop stop) {
    return stop.semitone() > 0 ? checkString[stop.string()][stop.semitone()] : 0;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return "The landing can be checked with open string "
        + Instrument.numeral(checkString(to.top()))
        + ".";
  }
}
