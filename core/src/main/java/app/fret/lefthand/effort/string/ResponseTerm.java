package app.fret.lefthand.effort.string;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.shift.PositionWords;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Response: high notes on the inner and lower strings speak late; in loud fast music the upper
 * string speaks best.
 *
 * <p>Unit: semitones above the octave's fifth, times the string (common practice, no source).
 */
public final class ResponseTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "response", "strings that speak late", "semitones", Facets.HASTE.and(Facet.LOUD));

  private static final double PER_SEMITONE = 0.06;
  private static final int UNTROUBLED_NOTE = 11;

  /** One of the two upper strings that the thumb stops short speaks almost like an open one. */
  private static final double UNDER_THUMB = 0.3;

  private static final int FRAME_STRINGS = 2;
  private static final double LOUD_AND_FAST = 0.015;

  private final Instrument instrument;

  /** The term as it is for a player. */
  public ResponseTerm(Player player) {
    this.instrument = player.instrument();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    double effort = 0;
    for (int i = 0; i < at.stops().size(); i++) {
      Stop stop = at.stops().get(i);
      int below = stop.string() - 1;
      effort += PER_SEMITONE * Math.max(0, stop.semitone() - UNTROUBLED_NOTE) * below;
      if (moment.isLoud() && !stop.isOpen()) {
        effort += LOUD_AND_FAST * moment.haste() * below;
      }
    }
    return at.inThumbPosition() && at.isSingle() && at.top().string() <= FRAME_STRINGS
        ? UNDER_THUMB * effort
        : effort;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    Stop stop = at.top();
    String string = "String " + Instrument.numeral(stop.string());
    return stop.semitone() > UNTROUBLED_NOTE
        ? string + " speaks later in " + PositionWords.of(instrument, at) + "."
        : string + " speaks less clearly in loud fast music than an upper one.";
  }
}
