package app.fret.bow.trouble;

import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * A place where the bow gets into trouble.
 *
 * @param kind what threatens
 * @param firstNote number of the first note it concerns
 * @param lastNote number of the last
 * @param text what threatens, with its figures
 * @param found works out {@link #mends()}
 */
public record BowTrouble(
    Kind kind, int firstNote, int lastNote, String text, Supplier<List<Mend>> found) {
  /** What takes it away, each tried on the passage, the usual first; may be empty. */
  public List<Mend> mends() {
    return found.get();
  }

  /** What would take it away, in words. */
  public String mend() {
    List<Mend> mends = mends();
    return mends.isEmpty()
        ? "No change of the bow takes it away at this tempo; a slower one does."
        : mends.stream().map(Mend::words).collect(Collectors.joining(" Or: "));
  }

  /** Whether it concerns some of the same notes as another, and is of its kind. */
  public boolean isLike(BowTrouble other) {
    return kind == other.kind && firstNote <= other.lastNote && other.firstNote <= lastNote;
  }

  /** Kinds of trouble. */
  public enum Kind {
    RUNS_OUT("runs-out", "The bow runs out"),
    BEYOND_SPEED("beyond-speed", "Beyond what the bow can do"),
    DRIFT("drift", "The figure drifts"),
    NO_TIME_TO_RETAKE("no-time-to-retake", "No time to retake"),
    WEAK_PLACE("weak-place", "A weak place"),
    FADES_AT_FROG("fades-at-frog", "It fades at the frog"),
    GROWS_AT_TIP("grows-at-tip", "It grows at the tip"),
    NEXT_CANNOT_START("next-cannot-start", "The stroke cannot start here"),
    SPENDS_TOO_SOON("spends-too-soon", "The bow is spent too soon"),
    OUTSIDE_STROKE_RANGE("outside-stroke-range", "The stroke does not speak"),
    PLUCKED_CHANGE("plucked-change", "No time to change"),
    WIDE_LEAP_AT_TIP("wide-leap-at-tip", "A wide leap at the tip"),
    TOO_MANY_NOTES("too-many-notes", "Too many notes in one bow");

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
