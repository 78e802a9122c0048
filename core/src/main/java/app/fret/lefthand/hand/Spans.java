package app.fret.lefthand.hand;

import app.fret.instrument.Hand;
import app.fret.instrument.HandFrame;
import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.score.Finger;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How far apart two fingers of this player lie at ease and at most.
 *
 * <p>The span of first to fourth finger is measured; every other pair takes the share that the
 * ordinary places of the instrument's first frame give it in first position. Half position, up to 8
 * % wider, is still no reach (common practice, no source).
 */
final class Spans {
  private static final int FIRST_POSITION_BASE = 2;
  private static final double HALF_POSITION_TOLERANCE = 1.08;

  /** Below what any ruler or finger can tell. */
  private static final double ROUNDING_MM = 0.1;

  private final Hand hand;
  private final StringGeometry geometry;
  private final double[][] share;

  Spans(Player player) {
    this.hand = player.hand();
    this.geometry = player.instrument().geometry();
    this.share = shares(player.instrument());
  }

  /** Widest distance of two fingers at ease, in mm, the lower one on this semitone. */
  double comfortableMm(Finger lower, int lowerSemitone, Finger upper) {
    double tolerance = lowerSemitone < FIRST_POSITION_BASE ? HALF_POSITION_TOLERANCE : 1;
    return hand.comfortableMm() * tolerance * share(lower, upper) + ROUNDING_MM;
  }

  /** Widest distance of two fingers at all, in mm. */
  double greatestMm(Finger lower, Finger upper) {
    return hand.greatestMm() * share(lower, upper);
  }

  /** How far any pair may be stretched beyond ease, in mm. */
  double greatestReachMm() {
    return hand.greatestMm() - hand.comfortableMm();
  }

  /**
   * How far the hand is stretched beyond ease, in mm: the widest pair of stopped fingers, or for
   * one finger its distance from where the first finger waits.
   */
  double reachMm(int base, List<Stop> stops) {
    double widest = 0;
    long stopped = stops.stream().filter(s -> !s.isOpen()).count();
    for (Stop upper : stops) {
      if (upper.isOpen()) {
        continue;
      }
      if (stopped == 1) {
        widest = Math.max(widest, beyondMm(Finger.FIRST, base, upper.finger(), upper.semitone()));
      }
      for (Stop lower : stops) {
        if (!lower.isOpen() && lower.finger().ordinal() < upper.finger().ordinal()) {
          widest =
              Math.max(
                  widest,
                  beyondMm(lower.finger(), lower.semitone(), upper.finger(), upper.semitone()));
        }
      }
    }
    return widest;
  }

  private double beyondMm(Finger lower, int lowerSemitone, Finger upper, int upperSemitone) {
    if (lower == upper || upperSemitone <= lowerSemitone) {
      return 0;
    }
    return Math.max(
        0,
        geometry.spanMm(lowerSemitone, upperSemitone) - comfortableMm(lower, lowerSemitone, upper));
  }

  private double share(Finger lower, Finger upper) {
    return share[lower.ordinal()][upper.ordinal()];
  }

  private static double[][] shares(Instrument instrument) {
    HandFrame frame = instrument.frames().get(0);
    StringGeometry geometry = instrument.geometry();
    int fingers = Finger.values().length;
    double[][] shares = new double[fingers][fingers];
    double standardMm = ordinarySpanMm(frame, geometry, Finger.FIRST, Finger.FOURTH);
    for (Finger lower : Finger.values()) {
      for (Finger upper : Finger.values()) {
        if (lower.ordinal() < upper.ordinal() && used(frame, lower) && used(frame, upper)) {
          double spanMm = ordinarySpanMm(frame, geometry, lower, upper);
          shares[lower.ordinal()][upper.ordinal()] = spanMm / standardMm;
        }
      }
    }
    return shares;
  }

  private static boolean used(HandFrame frame, Finger finger) {
    return !frame.of(finger).isEmpty();
  }

  private static double ordinarySpanMm(
      HandFrame frame, StringGeometry geometry, Finger lower, Finger upper) {
    int low = FIRST_POSITION_BASE + ordinary(frame, lower).filter(o -> o >= 0).min().orElse(0);
    int high = FIRST_POSITION_BASE + ordinary(frame, upper).max().orElse(0);
    return geometry.spanMm(low, high);
  }

  private static IntStream ordinary(HandFrame frame, Finger finger) {
    return frame.of(finger).stream()
        .filter(r -> r.use() == HandFrame.Use.ORDINARY)
        .mapToInt(HandFrame.Reach::offset);
  }
}
