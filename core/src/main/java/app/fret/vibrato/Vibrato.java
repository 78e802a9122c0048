package app.fret.vibrato;

/**
 * The vibrato of one note.
 *
 * @param need whether it vibrates
 * @param widthCents width from its lowest to its highest, in cents, at the start of the note
 * @param widthCentsAtEnd the same at its end
 * @param rateHz swings a second at the start
 * @param rateHzAtEnd the same at the end
 * @param tail whether it goes on into a rest while the bow leaves
 */
public record Vibrato(
    Need need,
    double widthCents,
    double widthCentsAtEnd,
    double rateHz,
    double rateHzAtEnd,
    boolean tail) {
  static final Vibrato NONE = new Vibrato(Need.NONE, 0, 0, 0, 0, false);

  /** Whether a note vibrates. */
  public enum Need {
    NONE("none"),
    MAY("may"),
    MUST("must");

    private final String id;

    Need(String id) {
      this.id = id;
    }

    /** Its name in files, which players use too. */
    public String id() {
      return id;
    }
  }
}
