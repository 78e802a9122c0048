package app.fret.lefthand.effort;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.hand.Placement;

/**
 * Landmark positions are found more surely than those between them.
 *
 * <p>Unit: points (common practice, no source).
 */
final class LandmarkTerm implements PlaceTerm {
  private static final double BETWEEN_LANDMARKS = 0.14;

  private final Instrument instrument;
  private final boolean[] landmark;

  LandmarkTerm(Player player) {
    this.instrument = player.instrument();
    this.landmark = new boolean[instrument.highestSemitone() + 1];
    instrument.landmarkBases().forEach(base -> landmark[base] = true);
  }

  @Override
  public String name() {
    return "landmark";
  }

  @Override
  public String unit() {
    return "points";
  }

  @Override
  public double effort(Moment moment, Placement at) {
    return at.usesHand() && !landmark[at.base()] ? BETWEEN_LANDMARKS : 0;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    String where = PositionWords.of(instrument, at.base());
    return Character.toUpperCase(where.charAt(0))
        + where.substring(1)
        + " lies between the landmarks.";
  }
}
