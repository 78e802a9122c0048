package app.fret.practice.drill;

import app.fret.score.Metre;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * How rests are written so that the beats are seen: up to the next beat, then beat by beat, the
 * halves of a bar of four and a whole bar as one (common practice of engraving, no source).
 */
final class RestPlaces {
  private RestPlaces() {}

  /**
   * The next rest to write.
   *
   * @param inBar where in the bar it begins
   * @param left how much is to be filled, no more than the bar has left
   */
  static Fraction next(Metre metre, Fraction inBar, Fraction left) {
    Fraction bar = metre.barLength();
    if (left.equals(bar)) {
      return bar;
    }
    Fraction half = bar.divide(2);
    boolean hasHalves = metre.beats().size() % 4 == 0;
    boolean beginsHalf = inBar.signum() == 0 || inBar.equals(half);
    if (hasHalves && beginsHalf && left.compareTo(half) >= 0) {
      return half;
    }
    Fraction beat = Fraction.ZERO;
    for (Fraction length : metre.beats()) {
      beat = beat.add(length);
      if (beat.compareTo(inBar) > 0) {
        Fraction toBeat = beat.subtract(inBar);
        return toBeat.compareTo(left) < 0 ? toBeat : left;
      }
    }
    return left;
  }
}
