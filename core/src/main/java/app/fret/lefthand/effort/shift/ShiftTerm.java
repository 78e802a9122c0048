package app.fret.lefthand.effort.shift;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import java.util.Locale;

/**
 * Shift distance and time: grows with the bits of the landing and with the hand speed it needs.
 *
 * <p>Unit: bits, times a pace that is 1 with all the time in the world, 2 at the speed the
 * instrument is usually shifted at and 3 at most, and more the faster the notes, however short the
 * way. A rest, an open string, a harmonic or a repeated pitch lets the hand travel unheard and
 * takes off most of it; a harmonic is easier to land on.
 */
public final class ShiftTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "shift",
          "shifting",
          "bits",
          Facets.HASTE.and(Moment.Sign.REPEATED, Moment.Sign.PAIR_NEXT, Moment.Sign.FIGURE_AGAIN),
          MoveLook.HANDS);

  private static final double FIXED = 0.10;
  private static final double PER_BIT = 0.26;
  private static final double IN_HASTE = 0.50;
  private static final double TOUCHED_SHARE = 0.70;
  private static final double MOST_EXTRA_PACE = 2;
  private static final double COVERED_SHARE = 0.35;

  /** An open string or harmonic as long as this covers a shift; a shorter one covers it in part. */
  private static final double COVERING_SECONDS = 0.25;

  private static final double REPEATED_SHARE = 0.60;
  private static final double PAIR_SHARE = 0.40;
  private static final double FIGURE_SHARE = 0.60;

  /** A string lengthened below the nut reaches down so far. */
  private static final int EXTENSION_SEMITONES = 5;

  /** A first finger may stand a little above the highest base of the thumb. */
  private static final int ABOVE_HIGHEST = 4;

  private final Instrument instrument;
  private final StringGeometry geometry;
  private final Crawl crawl;
  private final int lowestHand;
  private final double[][] bits;
  private final double[][] travelMm;

  /** The term as it is for a player. */
  public ShiftTerm(Player player, Crawl crawl) {
    this.crawl = crawl;
    this.lowestHand = -EXTENSION_SEMITONES;
    this.instrument = player.instrument();
    this.geometry = instrument.geometry();
    this.bits = table((from, to) -> Fitts.bits(geometry, geometry.spanMm(from, to), to));
    this.travelMm = table(geometry::spanMm);
  }

  /** A figure of two hands, by where they stand. */
  private interface OfHands {
    double between(int from, int to);
  }

  /** Figures of all pairs of hands: powers are dear, and this is asked for every pair. */
  private double[][] table(OfHands figure) {
    int hands = instrument.highestSemitone() + ABOVE_HIGHEST - lowestHand;
    double[][] table = new double[hands][hands];
    for (int i = 0; i < hands; i++) {
      for (int j = 0; j < hands; j++) {
        table[i][j] = figure.between(i + lowestHand, j + lowestHand);
      }
    }
    return table;
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
    if (from.hand() == to.hand() || !to.usesHand() || crawl.joins(from, to)) {
      return 0;
    }
    double landing = to.onlyTouches() ? TOUCHED_SHARE : 1;
    return travel(moment, from.hand(), to.hand())
        * landing
        * share(moment, from)
        * shareOfFigure(moment);
  }

  /** What a hand pays that travels unaided, by where it stands. */
  double travel(Moment moment, int fromHand, int toHand) {
    int start = fromHand - lowestHand;
    int end = toHand - lowestHand;
    double speed = travelMm[start][end] / Math.max(moment.sincePreviousSeconds(), 1e-3);
    double usualSpeed = instrument.handling().shiftSpeedMmPerSecond();
    double pace = 1 + Math.min(MOST_EXTRA_PACE, speed / usualSpeed);
    double effort = (FIXED + PER_BIT * bits[start][end]) * pace + IN_HASTE * moment.haste();
    return effort * instrument.handling().shiftEffort();
  }

  /** A hand that keeps its shape is moved as one, and a figure is at home where it begins. */
  private static double shareOfFigure(Moment moment) {
    if (moment.is(Moment.Sign.PAIR_NEXT)) {
      return PAIR_SHARE;
    }
    return moment.is(Moment.Sign.FIGURE_AGAIN) ? FIGURE_SHARE : 1;
  }

  private static double share(Moment moment, Placement from) {
    if (moment.comesAfterRest()) {
      return COVERED_SHARE;
    }
    if (!from.usesHand() || from.onlyTouches()) {
      double lacking = 1 - Math.min(1, moment.sincePreviousSeconds() / COVERING_SECONDS);
      return COVERED_SHARE + (1 - COVERED_SHARE) * lacking;
    }
    return moment.is(Moment.Sign.REPEATED) ? REPEATED_SHARE : 1;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    Stop landing = to.top();
    double travelMm = geometry.spanMm(from.hand(), to.hand());
    return String.format(
        Locale.ROOT,
        "Shift of %.0f mm from %s to %s in %.2f s, %.1f bits%s.",
        travelMm,
        PositionWords.of(instrument, from),
        PositionWords.of(instrument, to),
        Math.min(moment.sincePreviousSeconds(), 99),
        Fitts.bits(geometry, travelMm, landing.isOpen() ? to.hand() : landing.place()),
        cover(moment, from));
  }

  private static String cover(Moment moment, Placement from) {
    if (!from.usesHand()) {
      return ", covered by the open string";
    }
    if (moment.comesAfterRest()) {
      return ", covered by the rest";
    }
    if (from.onlyTouches()) {
      return ", covered by the harmonic";
    }
    return moment.is(Moment.Sign.REPEATED) ? ", on a repeated note" : "";
  }
}
