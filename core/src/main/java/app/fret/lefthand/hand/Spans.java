package app.fret.lefthand.hand;

import app.fret.instrument.Hand;
import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.score.Finger;
import java.util.List;

/**
 * How far apart two fingers of this player lie at ease and at most.
 *
 * <p>The span of first to fourth finger is measured; every other pair is as much wider or narrower
 * than a medium hand's as that one. Half position, up to 8 % wider, is still no reach (common
 * practice, no source).
 */
public final class Spans {
  private static final int FIRST_POSITION_BASE = 2;
  private static final double HALF_POSITION_TOLERANCE = 1.08;

  /** Below what any ruler or finger can tell. */
  private static final double ROUNDING_MM = 0.1;

  private final StringGeometry geometry;
  private final double[][] comfortableMm;
  private final double[][] greatestMm;
  private final double[][] openingMm;
  private final double acrossStringsFactor;

  /** The spans of a player on their instrument. */
  public Spans(Player player) {
    Hand hand = player.hand();
    Instrument.HandSize size = player.instrument().handSize();
    int fingers = Finger.values().length;
    geometry = player.instrument().geometry();
    comfortableMm = new double[fingers][fingers];
    greatestMm = new double[fingers][fingers];
    openingMm = new double[fingers][fingers];
    acrossStringsFactor = size.acrossStringsFactor();
    for (Instrument.PairSpan pair : size.pairs()) {
      int lower = pair.lower().ordinal();
      int upper = pair.upper().ordinal();
      comfortableMm[lower][upper] = pair.comfortableMm() * hand.shareOfMedium(size);
      greatestMm[lower][upper] = pair.greatestMm() * hand.greatestShareOfMedium(size);
      openingMm[lower][upper] = pair.openingMm() * hand.shareOfMedium(size);
    }
  }

  /** Widest distance of two fingers at ease, in mm, the lower one on this semitone. */
  public double comfortableMm(Finger lower, int lowerSemitone, Finger upper) {
    boolean half = lowerSemitone >= 0 && lowerSemitone < FIRST_POSITION_BASE;
    double tolerance = half ? HALF_POSITION_TOLERANCE : 1;
    return comfortableMm[lower.ordinal()][upper.ordinal()] * tolerance + ROUNDING_MM;
  }

  /** Widest distance of two fingers at all, in mm. */
  public double greatestMm(Finger lower, Finger upper) {
    return greatestMm[lower.ordinal()][upper.ordinal()] + ROUNDING_MM;
  }

  /**
   * Widest distance of two fingers on different strings at all, in mm: the forearm turns, the more
   * the further the strings lie apart.
   *
   * @param stringsApart 1 for neighbours
   */
  public double greatestAcrossMm(Finger lower, Finger upper, int stringsApart) {
    return greatestMm(lower, upper) * (1 + (acrossStringsFactor - 1) * stringsApart);
  }

  /**
   * From what distance two fingers in a line, one after the other, make an opening that counts as a
   * shift, in mm; infinite where none does.
   */
  double openingMm(Finger lower, Finger upper) {
    return openingMm[lower.ordinal()][upper.ordinal()];
  }

  /**
   * How far the hand is stretched beyond ease, in mm: the widest pair of fingers in use, or the
   * widest distance of one of them from where the finger of the base waits.
   */
  double reachMm(int base, Finger baseFinger, List<Stop> stops) {
    double widest = 0;
    for (Stop upper : stops) {
      if (upper.isOpen()) {
        continue;
      }
      widest = Math.max(widest, beyondMm(baseFinger, base, upper.finger(), upper.place()));
      for (Stop lower : stops) {
        if (!lower.isOpen() && lower.finger().rank() < upper.finger().rank()) {
          widest =
              Math.max(
                  widest, beyondMm(lower.finger(), lower.place(), upper.finger(), upper.place()));
        }
      }
    }
    return widest;
  }

  /** Whether a finger can be held there while the finger of the base stays on the base. */
  boolean allows(int base, Finger baseFinger, Stop stop) {
    return stop.finger() == baseFinger
        || stop.place() <= base
        || geometry.spanMm(base, stop.place()) <= greatestMm(baseFinger, stop.finger());
  }

  private double beyondMm(Finger lower, int lowerSemitone, Finger upper, int upperSemitone) {
    if (lower == upper || upperSemitone <= lowerSemitone) {
      return 0;
    }
    return Math.max(
        0,
        geometry.spanMm(lowerSemitone, upperSemitone) - comfortableMm(lower, lowerSemitone, upper));
  }
}
