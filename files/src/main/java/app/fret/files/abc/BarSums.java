package app.fret.files.abc;

import app.fret.score.Metre;
import app.fret.score.NoteValue;
import app.fret.score.WrittenLength;
import org.apache.commons.numbers.fraction.Fraction;

/** Says by how much a bar does not add up, as a player would. */
final class BarSums {
  private BarSums() {}

  /** For example {@code an eighth short of 4/4} or {@code a dotted quarter too long for 3/4}. */
  static String words(Fraction length, Metre metre) {
    Fraction missing = metre.barLength().subtract(length);
    String amount = amount(missing.abs());
    return missing.signum() > 0 ? amount + " short of " + metre : amount + " too long for " + metre;
  }

  private static String amount(Fraction length) {
    for (NoteValue value : NoteValue.values()) {
      if (WrittenLength.of(value).length().equals(length)) {
        return (value == NoteValue.EIGHTH ? "an " : "a ") + value.words();
      }
      if (WrittenLength.of(value, 1).length().equals(length)) {
        return "a dotted " + value.words();
      }
    }
    return length.toString().replace(" ", "") + " of a whole note";
  }
}
