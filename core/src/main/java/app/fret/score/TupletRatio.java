package app.fret.score;

import org.apache.commons.numbers.fraction.Fraction;

/**
 * So many notes in the time of so many: three in the time of two for a triplet.
 *
 * @param actual notes played, at least 1
 * @param normal notes of the same value that the time would hold, at least 1
 */
public record TupletRatio(int actual, int normal) {
  /** No tuplet. */
  public static final TupletRatio NONE = new TupletRatio(1, 1);

  public TupletRatio {
    if (actual < 1 || normal < 1) {
      throw new IllegalArgumentException("a tuplet of " + actual + " in " + normal);
    }
  }

  /** What a written value is multiplied with. */
  public Fraction factor() {
    return Fraction.of(normal, actual);
  }

  /** Whether the ratio changes nothing. */
  public boolean isNone() {
    return actual == normal;
  }
}
