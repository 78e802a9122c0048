package app.fret.score;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A time signature.
 *
 * @param groups upper figures, more than one where printed as a sum such as 3+2
 * @param unit lower figure, a power of two from 1 to 64
 * @param sign how it is printed
 */
public record Metre(List<Integer> groups, int unit, Sign sign) {
  /** Printed as figures, as one of the two old signs, or not at all. */
  public enum Sign {
    FIGURES,
    COMMON,
    CUT,
    /** No signature: bars are as long as their notes. */
    NONE
  }

  public Metre {
    groups = List.copyOf(groups);
    if (groups.isEmpty() || groups.stream().anyMatch(g -> g < 1 || g > 64)) {
      throw new IllegalArgumentException("a metre of " + groups + " over " + unit);
    }
    if (unit < 1 || unit > 64 || Integer.bitCount(unit) != 1) {
      throw new IllegalArgumentException("a metre over " + unit);
    }
  }

  /** A metre in figures, for example {@code of(6, 8)}. */
  public static Metre of(int upper, int unit) {
    return new Metre(List.of(upper), unit, Sign.FIGURES);
  }

  /** Whether bars are as long as their notes, whatever the figures say. */
  public boolean isFree() {
    return sign == Sign.NONE;
  }

  /** Sum of the upper figures. */
  public int upper() {
    return groups.stream().mapToInt(Integer::intValue).sum();
  }

  /** A length in the unit of this metre where that goes: {@code 5/4}. */
  public String sum(Fraction length) {
    Fraction units = length.multiply(unit);
    return units.getDenominator() == 1
        ? units.getNumerator() + "/" + unit
        : length.getNumerator() + "/" + length.getDenominator();
  }

  /** Length of a full bar as a fraction of a whole note. */
  public Fraction barLength() {
    return Fraction.of(upper(), unit);
  }

  /**
   * The felt beats of a bar: threes for compound metres (6/8, 9/8, 12/8), the printed groups of a
   * sum, threes before twos in 5/8 and 7/8 (common practice where nothing else is printed), else
   * the lower figure.
   */
  public List<Fraction> beats() {
    if (groups.size() > 1 && unit >= 8) {
      return groups.stream().map(g -> Fraction.of(g, unit)).toList();
    }
    int upper = upper();
    if (unit >= 8 && upper > 1 && upper != 4 && upper != 2) {
      return compoundBeats(upper);
    }
    List<Fraction> beats = new ArrayList<>();
    for (int i = 0; i < upper; i++) {
      beats.add(Fraction.of(1, unit));
    }
    return List.copyOf(beats);
  }

  private List<Fraction> compoundBeats(int upper) {
    List<Fraction> beats = new ArrayList<>();
    int left = upper;
    while (left > 0) {
      int group = left == 2 || left == 4 ? 2 : Math.min(3, left);
      beats.add(Fraction.of(group, unit));
      left -= group;
    }
    return List.copyOf(beats);
  }

  /** For example {@code 3+2/8}. */
  @Override
  public String toString() {
    return groups.stream().map(String::valueOf).collect(Collectors.joining("+")) + "/" + unit;
  }
}
