package app.fret.bow;

import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import java.util.Locale;
import java.util.Optional;

/**
 * A stroke at a slower tempo: the same centimetres in the same part of the bow, so that the speed
 * falls with the tempo; a kind that does not speak so slowly is played another way until it does
 * (common practice, no source).
 *
 * @param speedCmPerSecond mean speed while it sounds, in cm/s
 * @param instead what is played in its place; empty where it speaks
 */
public record SlowStroke(double speedCmPerSecond, Optional<String> instead) {
  /** Just below the slowest it speaks at, a stroke is not given up. */
  private static final double ABOUT = 0.999;

  /**
   * A stroke at a share of the tempo it was planned for.
   *
   * @param share of that tempo, above 0
   */
  public static SlowStroke of(Stroke stroke, double share) {
    double slowest = stroke.slowestTempoShare().orElse(0);
    Optional<String> instead =
        share >= slowest * ABOUT ? Optional.empty() : Optional.of(instead(stroke.kind()));
    return new SlowStroke(stroke.speedCmPerSecond() * share, instead);
  }

  private static String instead(StrokeKind kind) {
    return switch (kind) {
      case SPICCATO -> "short on the string, same place and direction";
      case SAUTILLE -> "small détaché on the string, same place and direction";
      case SPRINGING_ARPEGGIO -> "slurred on the string over the same strings";
      default -> "on the string, same place and direction";
    };
  }

  /**
   * The slowest of some tempos at which a stroke is itself.
   *
   * @param perMinute tempos from slow to fast
   * @param target tempo it was planned for
   */
  public static Optional<Double> firstSpeaking(
      Stroke stroke, Iterable<Double> perMinute, double target) {
    for (double tempo : perMinute) {
      if (of(stroke, tempo / target).instead().isEmpty()) {
        return Optional.of(tempo);
      }
    }
    return Optional.empty();
  }

  /** In words: the speed, and what takes its place. */
  public String words() {
    String speed = String.format(Locale.ROOT, "the same bow at %.0f cm/s", speedCmPerSecond);
    return instead.map(i -> i + ", " + speed).orElse(speed);
  }
}
