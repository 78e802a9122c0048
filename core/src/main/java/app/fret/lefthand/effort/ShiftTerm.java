package app.fret.lefthand.effort;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import java.util.Locale;

/**
 * Shift distance and time: grows with the bits of the landing and with the hand speed it needs.
 *
 * <p>Unit: bits, times a pace that is 1 with all the time in the world and 3 at 1 m/s and beyond. A
 * rest, an open string or a repeated pitch lets the hand travel unheard and takes off most of it.
 */
final class ShiftTerm implements MoveTerm {
  private static final double FIXED = 0.40;
  private static final double PER_BIT = 0.22;
  private static final double SPEED_OF_DOUBLE_EFFORT_MM_PER_SECOND = 500;
  private static final double MOST_EXTRA_PACE = 2;
  private static final double COVERED_SHARE = 0.35;
  private static final double REPEATED_SHARE = 0.60;

  private final Instrument instrument;
  private final StringGeometry geometry;
  private final double[][] bits;

  ShiftTerm(Player player) {
    this.instrument = player.instrument();
    this.geometry = instrument.geometry();
    this.bits = table();
  }

  /** Bits by travel target: from base, to base, landing on the base itself. */
  private double[][] table() {
    int bases = instrument.highestSemitone() + 1;
    double[][] table = new double[bases][bases];
    for (int from = 0; from < bases; from++) {
      for (int to = 0; to < bases; to++) {
        table[from][to] = Fitts.bits(geometry, geometry.spanMm(from, to), to);
      }
    }
    return table;
  }

  @Override
  public String name() {
    return "shift";
  }

  @Override
  public String unit() {
    return "bits";
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (from.base() == to.base() || !to.usesHand()) {
      return 0;
    }
    double speed =
        geometry.spanMm(from.base(), to.base()) / Math.max(moment.sincePreviousSeconds(), 1e-3);
    double pace = 1 + Math.min(MOST_EXTRA_PACE, speed / SPEED_OF_DOUBLE_EFFORT_MM_PER_SECOND);
    double share = covered(moment, from) ? COVERED_SHARE : moment.repeated() ? REPEATED_SHARE : 1;
    return (FIXED + PER_BIT * bits[from.base()][to.base()]) * pace * share;
  }

  /** Whether the hand may travel unheard. */
  private static boolean covered(Moment moment, Placement from) {
    return !from.usesHand() || moment.comesAfterRest();
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    Stop landing = to.top();
    double travelMm = geometry.spanMm(from.base(), to.base());
    String cover =
        !from.usesHand()
            ? ", covered by the open string"
            : moment.comesAfterRest()
                ? ", covered by the rest"
                : moment.repeated() ? ", on a repeated note" : "";
    return String.format(
        Locale.ROOT,
        "Shift of %.0f mm from %s to %s in %.2f s, %.1f bits%s.",
        travelMm,
        PositionWords.of(instrument, from.base()),
        PositionWords.of(instrument, to.base()),
        Math.min(moment.sincePreviousSeconds(), 99),
        Fitts.bits(geometry, travelMm, landing.isOpen() ? to.base() : landing.semitone()),
        cover);
  }
}
