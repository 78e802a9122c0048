package app.fret.lefthand.effort;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.hand.Placement;

/**
 * High positions: less sure the higher the hand.
 *
 * <p>Unit: semitones of the hand above first position (common practice, no source).
 */
final class HighPositionTerm implements PlaceTerm {
  private static final double PER_SEMITONE = 0.035;
  private static final int FIRST_POSITION = 2;

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
  public Facets facets() {
    return Facets.NONE;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    return at.usesHand() ? PER_SEMITONE * Math.max(0, at.hand() - FIRST_POSITION) : 0;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return "The hand stands in " + PositionWords.of(instrument, at) + ".";
  }
}
