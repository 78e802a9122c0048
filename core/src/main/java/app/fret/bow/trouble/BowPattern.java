package app.fret.bow.trouble;

/**
 * A pattern over the strings or in the bow.
 *
 * @param kind which
 * @param firstNote number of its first note
 * @param lastNote number of its last note
 */
public record BowPattern(Kind kind, int firstNote, int lastNote) {
  /** Kinds of pattern. */
  public enum Kind {
    SPRINGING_ARPEGGIO("springing-arpeggio", "springing arpeggio"),
    BARIOLAGE("bariolage", "bariolage"),
    THREE_AND_ONE("three-and-one", "slur and single note");

    private final String sign;
    private final String words;

    Kind(String sign, String words) {
      this.sign = sign;
      this.words = words;
    }

    /** Its name in files and commands. */
    public String sign() {
      return sign;
    }

    /** Its name for players. */
    public String words() {
      return words;
    }
  }
}
