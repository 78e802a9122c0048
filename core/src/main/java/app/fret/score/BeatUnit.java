package app.fret.score;

import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What a metronome clicks: an eighth to a whole note, dotted or not, or one whole bar.
 *
 * @param name word for it, such as {@code dotted-quarter}
 * @param length its length as a fraction of a whole note
 */
public record BeatUnit(String name, Fraction length) {
  public static final BeatUnit SIXTEENTH = new BeatUnit("sixteenth", Fraction.of(1, 16));
  public static final BeatUnit EIGHTH = new BeatUnit("eighth", Fraction.of(1, 8));
  public static final BeatUnit DOTTED_EIGHTH = new BeatUnit("dotted-eighth", Fraction.of(3, 16));
  public static final BeatUnit QUARTER = new BeatUnit("quarter", Fraction.of(1, 4));
  public static final BeatUnit DOTTED_QUARTER = new BeatUnit("dotted-quarter", Fraction.of(3, 8));
  public static final BeatUnit HALF = new BeatUnit("half", Fraction.of(1, 2));
  public static final BeatUnit DOTTED_HALF = new BeatUnit("dotted-half", Fraction.of(3, 4));
  public static final BeatUnit WHOLE = new BeatUnit("whole", Fraction.of(1, 1));

  /** The units with a note sign of their own, shortest first. */
  public static final List<BeatUnit> NOTES =
      List.of(SIXTEENTH, EIGHTH, DOTTED_EIGHTH, QUARTER, DOTTED_QUARTER, HALF, DOTTED_HALF, WHOLE);

  public BeatUnit {
    if (length.signum() <= 0) {
      throw new IllegalArgumentException("a beat of length " + length);
    }
  }

  /** One whole bar of this metre. */
  public static BeatUnit bar(Metre metre) {
    return new BeatUnit("bar", metre.barLength());
  }

  /**
   * Finds a unit by its word.
   *
   * @param metre what {@code bar} means
   * @throws IllegalArgumentException for any other word
   */
  public static BeatUnit named(String name, Metre metre) {
    if (name.equals("bar")) {
      return bar(metre);
    }
    return NOTES.stream()
        .filter(unit -> unit.name.equals(name))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "'"
                        + name
                        + "' is no beat; use eighth, quarter, dotted-quarter, half, dotted-half,"
                        + " whole or bar"));
  }
}
