package app.fret.book;

/** A practice book that cannot be used: which file, why, and what to do. */
public final class BookException extends Exception {
  private static final long serialVersionUID = 1L;

  BookException(String message) {
    super(message);
  }

  BookException(String message, Throwable cause) {
    super(message, cause);
  }
}
