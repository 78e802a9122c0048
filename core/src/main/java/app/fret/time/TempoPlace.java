package app.fret.time;

import app.fret.score.NoteRef;

/**
 * Notes that go at a tempo of their own.
 *
 * @param kind how
 * @param from the first of them
 * @param to the last of them
 * @param perMinute beats of the target's unit a minute: throughout a region, at the end of a ramp,
 *     at the broadest of a free place
 */
public record TempoPlace(Kind kind, NoteRef from, NoteRef to, double perMinute) {
  private static final double MOST = 1000;

  /** How a place differs from the target tempo. */
  public enum Kind {
    /** Another tempo throughout. */
    REGION("another tempo"),
    /** Gradually to another tempo, after which the target holds again. */
    RAMP("gradually to"),
    /** Taken freely: it broadens to its end, and strict time is not asked for. */
    FREE("free, down to");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    /** Its name for players. */
    public String words() {
      return words;
    }

    /** Its name in files. */
    public String id() {
      return name().toLowerCase(java.util.Locale.ROOT);
    }
  }

  public TempoPlace {
    if (!(perMinute > 0 && perMinute <= MOST)) {
      throw new IllegalArgumentException(
          "a tempo of " + perMinute + " a minute; it must be above 0 and at most 1000");
    }
  }

  /** The same place on other notes. */
  public TempoPlace movedTo(NoteRef newFrom, NoteRef newTo) {
    return new TempoPlace(kind, newFrom, newTo, perMinute);
  }
}
