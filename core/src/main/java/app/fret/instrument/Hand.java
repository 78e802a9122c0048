package app.fret.instrument;

import java.util.Locale;

/**
 * A player's left hand, measured in millimetres from first to fourth finger.
 *
 * @param comfortableMm span that can be held at ease
 * @param greatestMm span that can be reached, with care
 */
public record Hand(double comfortableMm, double greatestMm) {
  /** Sizes offered when nobody has a ruler at hand (common practice). */
  public enum Preset {
    SMALL(0.92),
    MEDIUM(1.00),
    LARGE(1.08);

    private final double factor;

    Preset(double factor) {
      this.factor = factor;
    }
  }

  /** Narrowest and widest span that is taken for a hand's, against the standard frame (CP). */
  private static final double NARROWEST = 0.5;

  private static final double WIDEST = 1.7;

  public Hand {
    if (!(comfortableMm > 0 && greatestMm >= comfortableMm)) {
      throw new IllegalArgumentException(
          "a hand of " + comfortableMm + " mm at ease and " + greatestMm + " mm at most");
    }
  }

  /**
   * A hand of usual size for an instrument. Millimetres at the standard string length: a longer
   * instrument does not make a bigger hand.
   */
  public static Hand of(Preset preset, Instrument.HandSize size) {
    return ofSpanMm(size.standardFrameMm() * preset.factor, size);
  }

  /** How much wider or narrower this hand is than a medium one, 1 for the same. */
  public double shareOfMedium(Instrument.HandSize size) {
    return comfortableMm / size.standardFrameMm();
  }

  /** How much further it reaches than a medium one, 1 for the same. */
  public double greatestShareOfMedium(Instrument.HandSize size) {
    return greatestMm / (size.standardFrameMm() * size.greatestFactor());
  }

  /**
   * A hand measured with a ruler, in mm from first to fourth finger at ease.
   *
   * @throws IllegalArgumentException for a span that no hand has
   */
  public static Hand ofSpanMm(double comfortableMm, Instrument.HandSize size) {
    double least = NARROWEST * size.standardFrameMm();
    double most = WIDEST * size.standardFrameMm();
    if (!(comfortableMm >= least && comfortableMm <= most)) {
      throw new IllegalArgumentException(
          String.format(
              Locale.ROOT,
              "a span of %s mm; give one from %.0f to %.0f mm, from first to fourth finger at ease",
              comfortableMm,
              Math.ceil(least),
              Math.floor(most)));
    }
    return new Hand(comfortableMm, comfortableMm * size.greatestFactor());
  }
}
