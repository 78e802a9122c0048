package app.fret.score;

/**
 * An accidental printed before a note.
 *
 * @param kind which sign
 * @param cautionary whether it stands in parentheses, as a reminder
 */
public record Accidental(Kind kind, boolean cautionary) {
  /** The signs in use, each with the alteration it asks for in semitones. */
  public enum Kind {
    DOUBLE_FLAT(-2),
    FLAT(-1),
    NATURAL(0),
    SHARP(1),
    DOUBLE_SHARP(2);

    private final int alter;

    Kind(int alter) {
      this.alter = alter;
    }

    /** Semitones up or down from the natural letter. */
    public int alter() {
      return alter;
    }

    /** The sign for an alteration of -2 to 2 semitones. */
    public static Kind ofAlter(int alter) {
      return values()[alter + 2];
    }
  }
}
