package app.fret.files.musicxml;

import app.fret.score.NoteValue;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** Turns MusicXML's counted durations and named note types into exact lengths and back. */
final class Lengths {
  private static final Map<NoteValue, String> TYPES =
      Map.of(
          NoteValue.LONG, "long",
          NoteValue.BREVE, "breve",
          NoteValue.WHOLE, "whole",
          NoteValue.HALF, "half",
          NoteValue.QUARTER, "quarter",
          NoteValue.EIGHTH, "eighth",
          NoteValue.SIXTEENTH, "16th",
          NoteValue.THIRTY_SECOND, "32nd",
          NoteValue.SIXTY_FOURTH, "64th",
          NoteValue.HUNDRED_TWENTY_EIGHTH, "128th");

  private static final List<TupletRatio> RATIOS =
      List.of(
          TupletRatio.NONE,
          new TupletRatio(3, 2),
          new TupletRatio(5, 4),
          new TupletRatio(6, 4),
          new TupletRatio(7, 4));

  private Lengths() {}

  /** MusicXML's name of a note value. */
  static String type(NoteValue value) {
    return TYPES.get(value);
  }

  /** The note value of a MusicXML name; empty for a name or a value that Fret does not know. */
  static Optional<NoteValue> value(String type) {
    return TYPES.entrySet().stream()
        .filter(e -> e.getValue().equals(type))
        .map(Map.Entry::getKey)
        .findFirst();
  }

  /**
   * A counted duration as a fraction of a whole note.
   *
   * @throws ArithmeticException when the numbers are too large to be exact
   */
  static Fraction ofDuration(BigDecimal duration, BigDecimal divisionsPerQuarter) {
    BigDecimal wholeNote = divisionsPerQuarter.multiply(BigDecimal.valueOf(4));
    int scale = Math.max(0, Math.max(duration.scale(), wholeNote.scale()));
    BigInteger numerator = duration.movePointRight(scale).toBigIntegerExact();
    BigInteger denominator = wholeNote.movePointRight(scale).toBigIntegerExact();
    BigInteger common = numerator.gcd(denominator);
    if (common.signum() == 0) {
      return Fraction.ZERO;
    }
    return Fraction.of(
        numerator.divide(common).intValueExact(), denominator.divide(common).intValueExact());
  }

  /** Written lengths that together fill a gap, longest first. */
  static List<WrittenLength> filling(Fraction gap) {
    List<WrittenLength> lengths = new ArrayList<>();
    Fraction left = gap;
    while (left.signum() > 0 && lengths.size() < 64) {
      WrittenLength next = longestWithin(left);
      lengths.add(next);
      left = left.subtract(next.length());
    }
    return lengths;
  }

  /** The written length of exactly this duration if there is one, else the longest below it. */
  static WrittenLength longestWithin(Fraction length) {
    WrittenLength longest = WrittenLength.of(NoteValue.HUNDRED_TWENTY_EIGHTH);
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
