package app.fret.files;

/** A file that cannot be read as a score: where, why, and what to do. */
public final class ScoreRejectedException extends Exception {
  private static final long serialVersionUID = 1L;

  private final transient ScorePlace place;

  /**
   * A rejection.
   *
   * @param place where the fault is
   * @param reason what is wrong and what next, a phrase without a full stop
   */
  public ScoreRejectedException(ScorePlace place, String reason) {
    super(place + ": " + reason);
    this.place = place;
  }

  /** Where the fault is. */
  public ScorePlace place() {
    return place;
  }
}
