package app.fret.score;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A length as it is written: value, dots and tuplet.
 *
 * @param value plain note value
 * @param dots augmentation dots, 0 to 4
 * @param ratio tuplet it stands in, {@link TupletRatio#NONE} for none
 */
public record WrittenLength(NoteValue value, int dots, TupletRatio ratio) {
  private static final int MOST_FILLING = 64;

  private static final List<TupletRatio> RATIOS =
      List.of(
          TupletRatio.NONE,
          new TupletRatio(3, 2),
          new TupletRatio(5, 4),
          new TupletRatio(6, 4),
          new TupletRatio(7, 4));

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

  /** Written lengths that together fill a gap, longest first; what is below them all is left. */
  public static List<WrittenLength> filling(Fraction gap) {
    List<WrittenLength> lengths = new ArrayList<>();
    Fraction left = gap;
    while (left.signum() > 0 && lengths.size() < MOST_FILLING) {
      WrittenLength next = longestWithin(left);
      lengths.add(next);
      left = left.subtract(next.length());
    }
    return lengths;
  }

  /** The written length of exactly this duration if there is one, else the longest below it. */
  public static WrittenLength longestWithin(Fraction length) {
    WrittenLength longest = of(NoteValue.HUNDRED_TWENTY_EIGHTH);
    for (TupletRatio ratio : RATIOS) {
      for (NoteValue value : NoteValue.values()) {
        for (int dots = 0; dots <= 2; dots++) {
          WrittenLength written = new WrittenLength(value, dots, ratio);
          if (written.length().equals(length)) {
            return written;
          }
          boolean plain = ratio.isNone() && dots == 0;
          boolean fits = written.length().compareTo(length) < 0;
          if (plain && fits && written.length().compareTo(longest.length()) > 0) {
            longest = written;
          }
        }
      }
    }
    return longest;
  }
}
