package app.fret.score;

import org.apache.commons.numbers.fraction.Fraction;

/**
 * Beat unit and number as one value: half = 66 is quarter = 132.
 *
 * @param beat what is counted
 * @param perMinute beats in a minute, above 0 and at most 1000
 */
public record Tempo(BeatUnit beat, double perMinute) {
  /** What a player can ask for, in words. */
  public static final String RANGE = "from 1 to 1000";

  private static final double LEAST_ASKED = 1;
  private static final double MOST = 1000;

  public Tempo {
    if (!(perMinute > 0 && perMinute <= MOST)) {
      throw new IllegalArgumentException(
          "a tempo of " + perMinute + " a minute; it must be above 0 and at most 1000");
    }
  }

  /** Whether a player can ask for so many beats a minute; what is worked out may be slower. */
  public static boolean canBeAsked(double perMinute) {
    return perMinute >= LEAST_ASKED && perMinute <= MOST;
  }

  /**
   * A tempo that a player asks for.
   *
   * @throws IllegalArgumentException when it is out of range, with a sentence
   */
  public static Tempo asked(BeatUnit beat, double perMinute) {
    if (!canBeAsked(perMinute)) {
      throw new IllegalArgumentException(
          "a tempo of " + perMinute + " a minute; give one " + RANGE);
    }
    return new Tempo(beat, perMinute);
  }

  /** Seconds that a length of music takes at this tempo. */
  public double seconds(Fraction length) {
    return 60.0 * length.doubleValue() / (beat.length().doubleValue() * perMinute);
  }

  /** The same speed counted in another unit. */
  public Tempo in(BeatUnit other) {
    return new Tempo(other, perMinute * beat.length().divide(other.length()).doubleValue());
  }

  /** The same unit at another number. */
  public Tempo at(double otherPerMinute) {
    return new Tempo(beat, otherPerMinute);
  }
}
