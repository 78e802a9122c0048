package app.fret.bow;

/**
 * A place where the bow gets into trouble.
 *
 * @param kind what threatens
 * @param firstNote number of the first note it concerns
 * @param lastNote number of the last
 * @param text what threatens, with its figures
 * @param mend what would take it away
 */
public record BowTrouble(Kind kind, int firstNote, int lastNote, String text, String mend) {
  /** Kinds of trouble. */
  public enum Kind {
    RUNS_OUT("runs-out"),
    BEYOND_SPEED("beyond-speed"),
    DRIFT("drift"),
    NO_TIME_TO_RETAKE("no-time-to-retake"),
    WEAK_PLACE("weak-place"),
    FADES_AT_FROG("fades-at-frog"),
    GROWS_AT_TIP("grows-at-tip"),
    NEXT_CANNOT_START("next-cannot-start"),
    OUTSIDE_STROKE_RANGE("outside-stroke-range"),
    PLUCKED_CHANGE("plucked-change"),
    WIDE_LEAP_AT_TIP("wide-leap-at-tip"),
    TOO_MANY_NOTES("too-many-notes");

    private final String sign;

    Kind(String sign) {
      this.sign = sign;
    }

    /** Its name in files and commands. */
    public String sign() {
      return sign;
    }
  }
}
