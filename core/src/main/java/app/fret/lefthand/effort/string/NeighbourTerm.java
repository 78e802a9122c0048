package app.fret.lefthand.effort.string;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Neighbours: loud notes on inner strings catch the strings beside them, the more the louder.
 *
 * <p>Unit: levels above mezzo-forte (common practice, no source).
 */
public final class NeighbourTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "neighbours",
          "strings caught by the bow",
          "levels",
          Facets.of(Facet.LEVEL).and(Moment.Sign.PLUCKED));

  private static final double PER_LEVEL = 0.02;
  private static final int UNTROUBLED_LEVEL = 6;

  private final int lowestString;

  /** The term as it is for a player. */
  public NeighbourTerm(Player player) {
    lowestString = player.instrument().stringCount();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (!at.isSingle() || moment.is(Moment.Sign.PLUCKED)) {
      return 0;
    }
    int string = at.top().string();
    boolean inner = string > 1 && string < lowestString;
    return inner ? PER_LEVEL * Math.max(0, moment.loudness() - UNTROUBLED_LEVEL) : 0;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return "So loud on string "
        + Instrument.numeral(at.top().string())
        + " the bow may catch the strings beside it.";
  }
}
