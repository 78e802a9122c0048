package app.fret.instrument;

/** Notes that an instrument does not have. */
public final class OutOfRangeException extends Exception {
  private static final long serialVersionUID = 1L;

  private final String barLabel;
  private final String reason;

  OutOfRangeException(String barLabel, String reason) {
    super("bar " + barLabel + ": " + reason);
    this.barLabel = barLabel;
    this.reason = reason;
  }

  /** Which note it is and what to do, without the bar. */
  public String reason() {
    return reason;
  }

  /** Number of the bar of the first such note, as printed. */
  public String barLabel() {
    return barLabel;
  }
}
