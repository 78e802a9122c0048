package app.fret.score;

import org.apache.commons.numbers.fraction.Fraction;

/** A plain written note value, without dots or tuplets. */
public enum NoteValue {
  LONG(4, 1),
  BREVE(2, 1),
  WHOLE(1, 1),
  HALF(1, 2),
  QUARTER(1, 4),
  EIGHTH(1, 8),
  SIXTEENTH(1, 16),
  THIRTY_SECOND(1, 32),
  SIXTY_FOURTH(1, 64),
  HUNDRED_TWENTY_EIGHTH(1, 128);

  private final Fraction length;

  NoteValue(int numerator, int denominator) {
    this.length = Fraction.of(numerator, denominator);
  }

  /** Length as a fraction of a whole note. */
  public Fraction length() {
    return length;
  }

  /** Flags or beams the value carries: none to a quarter, one for an eighth. */
  public int flags() {
    return Math.max(0, ordinal() - QUARTER.ordinal());
  }

  /** Name in plain words, such as {@code eighth}. */
  public String words() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }
}
