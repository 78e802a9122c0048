package app.fret.score;

import org.apache.commons.numbers.fraction.Fraction;

/**
 * Beat unit and number as one value: half = 66 is quarter = 132.
 *
 * @param beat what is counted
 * @param perMinute beats in a minute, above 0 and at most 1000
 */
public record Tempo(BeatUnit beat, double perMinute) {
  public Tempo {
    if (!(perMinute > 0 && perMinute <= 1000)) {
      throw new IllegalArgumentException(
          "a tempo of " + perMinute + " a minute; it must be above 0 and at most 1000");
    }
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
