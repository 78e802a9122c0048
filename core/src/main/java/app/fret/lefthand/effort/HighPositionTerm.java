package app.fret.lefthand.effort;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;

/**
 * High positions: less sure the higher the hand, and slower to speak on the lower strings.
 *
 * <p>Unit: semitones of the note above the first octave's fifth, times a factor for the string
 * (common practice, no source).
 */
final class HighPositionTerm implements PlaceTerm {
  private static final double PER_BASE_SEMITONE = 0.035;
  private static final int UNTROUBLED_BASE = 2;
  private static final double PER_NOTE_SEMITONE = 0.03;
  private static final int UNTROUBLED_NOTE = 7;
  private static final double MORE_PER_LOWER_STRING = 0.5;

  private final Instrument instrument;

  HighPositionTerm(Player player) {
    this.instrument = player.instrument();
  }

  @Override
  public String name() {
    return "high-position";
  }

  @Override
  public String unit() {
    return "semitones";
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (!at.usesHand()) {
      return 0;
    }
    double effort = PER_BASE_SEMITONE * Math.max(0, at.base() - UNTROUBLED_BASE);
    for (Stop stop : at.stops()) {
      double high = PER_NOTE_SEMITONE * Math.max(0, stop.semitone() - UNTROUBLED_NOTE);
      effort += high * MORE_PER_LOWER_STRING * (stop.string() - 1);
    }
    return effort;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    Stop top = at.top();
    String where = PositionWords.of(instrument, at.base());
    return top.string() > 1 && top.semitone() > UNTROUBLED_NOTE
        ? "String " + Instrument.numeral(top.string()) + " speaks later in " + where + "."
        : "The hand stands in " + where + ".";
  }
}
