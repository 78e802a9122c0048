package app.fret.instrument;

/** Notes that an instrument does not have. */
public final class OutOfRangeException extends Exception {
  private static final long serialVersionUID = 1L;

  private final String barLabel;

  OutOfRangeException(String barLabel, String message) {
    super(message);
    this.barLabel = barLabel;
  }

  /** Number of the bar of the first such note, as printed. */
  public String barLabel() {
    return barLabel;
  }
}
