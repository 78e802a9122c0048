package app.fret.files.abc;

import org.apache.commons.numbers.fraction.Fraction;

/** Writes music in ABC notation. */
final class AbcWriter {
  private AbcWriter() {}

  /** A length behind a note, as a factor of the unit: nothing for one, {@code 3/2}, {@code /2}. */
  static String length(Fraction factor) {
    String above = factor.getNumerator() == 1 ? "" : String.valueOf(factor.getNumerator());
    String below = factor.getDenominator() == 1 ? "" : "/" + factor.getDenominator();
    return above + below;
  }
}
