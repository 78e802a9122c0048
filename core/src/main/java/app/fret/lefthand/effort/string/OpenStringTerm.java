package app.fret.lefthand.effort.string;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Open strings where they are unwanted: where the note should vibrate, in a slow slur, and on the
 * top string in piano.
 *
 * <p>Unit: seconds that would have vibrated, and points (common practice, no source).
 */
public final class OpenStringTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "open-string",
          "open strings where they stand out",
          "seconds",
          Facets.HASTE.and(Facet.LENGTH, Facet.SOFT).and(Moment.Sign.IN_SLUR, Moment.Sign.PEDAL));

  private static final double PER_SECOND_WITHOUT_VIBRATO = 0.80;
  private static final double LONGEST_COUNTED_SECONDS = 2;
  private static final double IN_SLOW_SLUR = 0.20;
  private static final double SOFT_TOP_STRING = 0.30;

  private final double share;

  /** The term as it is for a player. */
  public OpenStringTerm(Player player) {
    share = player.instrument().handling().openStringEffort();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (moment.is(Moment.Sign.PEDAL)) {
      return 0;
    }
    double effort = 0;
    for (Stop stop : at.stops()) {
      if (stop.isOpen()) {
        effort += ofString(moment, stop, at.isSingle());
      }
    }
    return share * effort;
  }

  private static double ofString(Moment moment, Stop stop, boolean alone) {
    double effort = 0;
    if (moment.isLong() && alone) {
      double missed = moment.lengthSeconds() - Moment.VIBRATO_SECONDS;
      effort += PER_SECOND_WITHOUT_VIBRATO * Math.min(missed, LONGEST_COUNTED_SECONDS);
    }
    if (moment.is(Moment.Sign.IN_SLUR)) {
      effort += IN_SLOW_SLUR * (1 - moment.haste() / 2);
    }
    if (stop.string() == 1 && moment.isSoft()) {
      effort += SOFT_TOP_STRING;
    }
    return effort;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    if (moment.isLong()) {
      return "The open string cannot vibrate on so long a note.";
    }
    return "The open string stands out from the stopped notes.";
  }
}
