package app.fret.score;

import org.apache.commons.numbers.fraction.Fraction;

/**
 * A length as it is written: value, dots and tuplet.
 *
 * @param value plain note value
 * @param dots augmentation dots, 0 to 4
 * @param ratio tuplet it stands in, {@link TupletRatio#NONE} for none
 */
public record WrittenLength(NoteValue value, int dots, TupletRatio ratio) {
  public WrittenLength {
    if (dots < 0 || dots > 4) {
      throw new IllegalArgumentException(dots + " dots");
    }
  }

  /** A value without dots or tuplet. */
  public static WrittenLength of(NoteValue value) {
    return new WrittenLength(value, 0, TupletRatio.NONE);
  }

  /** A value with dots and no tuplet. */
  public static WrittenLength of(NoteValue value, int dots) {
    return new WrittenLength(value, dots, TupletRatio.NONE);
  }

  /** Length as a fraction of a whole note. */
  public Fraction length() {
    Fraction half = value.length();
    Fraction sum = half;
    for (int dot = 0; dot < dots; dot++) {
      half = half.divide(2);
      sum = sum.add(half);
    }
    return sum.multiply(ratio.factor());
  }
}
