package app.fret.score;

import org.apache.commons.numbers.fraction.Fraction;

/**
 * A silence.
 *
 * @param bar index of its bar in the passage
 * @param onset time from the start of the passage
 * @param length time it takes
 * @param written how it is written; ignored by the eye when it fills the bar
 * @param wholeBar whether it is the sign for a whole silent bar
 */
public record Rest(
    int bar, Fraction onset, Fraction length, WrittenLength written, boolean wholeBar)
    implements Event {
  public Rest {
    if (length.signum() <= 0) {
      throw new IllegalArgumentException("rest at " + onset + " lasts " + length);
    }
  }
}
