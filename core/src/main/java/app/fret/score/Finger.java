package app.fret.score;

/** A finger of the left hand as players name it; {@code 0} is the open string. */
public enum Finger {
  OPEN("0"),
  FIRST("1"),
  SECOND("2"),
  THIRD("3"),
  FOURTH("4"),
  THUMB("T");

  private final String sign;

  Finger(String sign) {
    this.sign = sign;
  }

  /** The sign printed above the note: 0 to 4 or T. */
  public String sign() {
    return sign;
  }

  /** Order of the fingers along the string: the thumb below the first, then 1 to 4. */
  public int rank() {
    return this == THUMB ? 0 : ordinal();
  }

  /**
   * Reads a printed sign.
   *
   * @throws IllegalArgumentException when it is none of 0 to 4 and T
   */
  public static Finger ofSign(String sign) {
    for (Finger finger : values()) {
      if (finger.sign.equals(sign)) {
        return finger;
      }
    }
    throw new IllegalArgumentException(
        "'" + sign + "' is no finger; use 0 for the open string, 1 to 4, or T for the thumb");
  }
}
