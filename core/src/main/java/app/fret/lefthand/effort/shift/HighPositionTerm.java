package app.fret.lefthand.effort.shift;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * High positions: less sure the higher the hand, above the fourth position for every note. Up to
 * there a hand that has found its place is as sure as in the first: what it costs to go there is
 * said by {@link EnteringTerm}; a passage that begins there has found it in time.
 *
 * <p>Unit: semitones of the hand above fourth position, of a thumb on the strings above where it is
 * usual, or above first position where the passage begins (common practice, no source).
 */
public final class HighPositionTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader("high-position", "high positions", "semitones", Facets.of(Moment.Sign.FIRST));

  private static final double PER_SEMITONE = 0.02;

  /** A thumb on the strings gives the hand a hold of its own. */
  private static final double ON_THE_THUMB = 0.5;

  private static final double TO_BEGIN_THERE = 0.05;

  /** A hand has all the time it wants before it begins. */
  private static final int MOST_SEMITONES_TO_BEGIN = 6;

  private static final int FOURTH_POSITION = 7;
  private static final int FIRST_POSITION = 2;

  private final Instrument instrument;

  /** The term as it is for a player. */
  public HighPositionTerm(Player player) {
    this.instrument = player.instrument();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (moment.is(Moment.Sign.FIRST)) {
      double height = Math.max(0, at.hand() - FIRST_POSITION);
      return TO_BEGIN_THERE * Math.min(MOST_SEMITONES_TO_BEGIN, height);
    }
    double height = Math.max(0, at.hand() - FOURTH_POSITION);
    return at.usesHand() ? PER_SEMITONE * height * (at.inThumbPosition() ? ON_THE_THUMB : 1) : 0;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return "The hand stands in " + PositionWords.of(instrument, at) + ".";
  }
}
