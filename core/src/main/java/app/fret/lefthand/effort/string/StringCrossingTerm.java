package app.fret.lefthand.effort.string;

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
 * String crossing: each costs, more in haste and inside a slur, more when a string is skipped, and
 * most when it is skipped for an interval that lies on nearer strings.
 *
 * <p>Unit: strings crossed, weighed by haste (common practice, no source). Between chords the
 * nearest strings count.
 */
public final class StringCrossingTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "string-crossing",
          "crossing of strings",
          "strings",
          Facets.HASTE.and(Moment.Sign.SLURRED, Moment.Sign.PEDAL, Moment.Sign.SHORT),
          MoveLook.FINGERS);

  private static final double PER_CROSSING = 0.13;
  private static final double IN_HASTE = 0.14;
  private static final double IN_SLUR = 0.10;

  /** Intervals as wide as the strings lie apart cross by themselves, as broken chords do. */
  private static final double NATURAL_SHARE = 0.5;

  /** In a pedal figure the bow rocks between two strings, which is the point of it. */
  private static final double ROCKING_SHARE = 0.3;

  /** A bow that leaves the string anyway goes to another at less. */
  private static final double OFF_THE_STRING_SHARE = 0.6;

  private static final double AGAINST_THE_LINE = 0.17;

  /** So many times more for each interval of two neighbouring strings. */
  private static final double WIDE_AGAINST_THE_LINE = 2;

  private static final double SKIPPED_IN_SLUR = 0.35;
  private static final double PER_STRING_SKIPPED = 0.10;
  private static final double SKIPPED_IN_HASTE = 0.25;
  private static final double PER_SKIP_NOT_CALLED_FOR = 0.30;

  private final Instrument instrument;
  private final int stringsApart;

  /** The term as it is for a player. */
  public StringCrossingTerm(Player player) {
    instrument = player.instrument();
    stringsApart = instrument.open(1).midi() - instrument.open(2).midi();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return stringChanges;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    int strings = stringsBetween(from, to);
    if (strings == 0) {
      return 0;
    }
    if (strings == 1 && moment.is(Moment.Sign.PEDAL)) {
      return ROCKING_SHARE * PER_CROSSING;
    }
    double share = strings == 1 && interval(from, to) >= stringsApart ? NATURAL_SHARE : 1;
    share *= moment.is(Moment.Sign.SHORT) ? OFF_THE_STRING_SHARE : 1;
    double effort = share * (PER_CROSSING + IN_HASTE * moment.haste());
    if (moment.slurred()) {
      effort += IN_SLUR + (strings > 1 ? SKIPPED_IN_SLUR : 0);
    }
    effort += againstTheLine(moment, from, to);
    double skipped = (PER_STRING_SKIPPED + SKIPPED_IN_HASTE * moment.haste()) * (strings - 1);
    return effort + skipped + PER_SKIP_NOT_CALLED_FOR * notCalledFor(from, to, strings);
  }

  /**
   * A wide interval against the line costs more than a step; one down to an open string or to a
   * harmonic is meant to ring.
   */
  private double againstTheLine(Moment moment, Placement from, Placement to) {
    if (!isAgainstTheLine(from, to)) {
      return 0;
    }
    boolean rings = from.onlyTouches() || to.onlyTouches() || to.top().isOpen();
    double wide = rings ? 0 : WIDE_AGAINST_THE_LINE * interval(from, to) / stringsApart;
    return AGAINST_THE_LINE * (1 + moment.haste()) * (1 + wide);
  }

  /** Whether a line that rises goes to a lower string, or one that falls to a higher. */
  private boolean isAgainstTheLine(Placement from, Placement to) {
    int up = Integer.signum(sounding(to.top()) - sounding(from.top()));
    int higher = Integer.signum(from.top().string() - to.top().string());
    return from.isSingle() && to.isSingle() && up * higher < 0;
  }

  /** Strings crossed beyond those that an interval so wide lies apart. */
  private int notCalledFor(Placement from, Placement to, int strings) {
    if (strings == 1) {
      return 0;
    }
    return Math.max(0, strings - Math.max(1, interval(from, to) / stringsApart));
  }

  private int interval(Placement from, Placement to) {
    return Math.abs(sounding(to.top()) - sounding(from.top()));
  }

  private int sounding(Stop stop) {
    return instrument.open(stop.string()).midi() + stop.semitone();
  }

  /** Strings the bow has to change by, 0 when it can stay. */
  private static int stringsBetween(Placement from, Placement to) {
    int fromTop = from.top().string();
    int fromBottom = from.bottom().string();
    int toTop = to.top().string();
    int toBottom = to.bottom().string();
    if (Math.min(toTop, toBottom) > Math.max(fromTop, fromBottom)) {
      return Math.min(toTop, toBottom) - Math.max(fromTop, fromBottom);
    }
    return Math.max(0, Math.min(fromTop, fromBottom) - Math.max(toTop, toBottom));
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    int strings = stringsBetween(from, to);
    String way =
        Instrument.numeral(from.top().string()) + " to " + Instrument.numeral(to.top().string());
    if (strings > 1) {
      return "Crossing from string " + way + " skips a string.";
    }
    return moment.slurred()
        ? "Crossing from string " + way + " inside a slur."
        : "Crossing from string " + way + ".";
  }
}
