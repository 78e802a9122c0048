package app.fret.files.musicxml;

import app.fret.score.NoteValue;
import java.math.BigDecimal;
import java.math.BigInteger;
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
}
