package app.fret.practice.log;

/** A line that is not understood, with a sentence that says what and what can be written. */
public final class LogLineException extends Exception {
  private static final long serialVersionUID = 1L;

  LogLineException(String message) {
    super(message);
  }
}
