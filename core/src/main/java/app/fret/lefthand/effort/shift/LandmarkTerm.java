package app.fret.lefthand.effort.shift;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Landmark positions are found more surely than those between them: said of the place where a
 * passage begins; later ones are paid for on entering, see {@link EnteringTerm}. Half position is
 * found from the nut where each finger has a half step.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class LandmarkTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "landmark", "positions between the landmarks", "points", Facets.of(Moment.Sign.FIRST));

  private static final double BETWEEN_LANDMARKS = 0.25;

  private final Instrument instrument;
  private final Found found;

  /** The term as it is for a player. */
  public LandmarkTerm(Player player) {
    this.instrument = player.instrument();
    this.found = new Found(instrument);
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    return moment.is(Moment.Sign.FIRST) && !found.isAt(at) ? BETWEEN_LANDMARKS : 0;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    String where = PositionWords.of(instrument, at);
    return Character.toUpperCase(where.charAt(0))
        + where.substring(1)
        + " lies between the landmarks.";
  }
}
