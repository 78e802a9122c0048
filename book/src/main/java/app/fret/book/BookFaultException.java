package app.fret.book;

/** Something could not be read from or kept in an open book: what, why, and what to do. */
public final class BookFaultException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  BookFaultException(String message, Throwable cause) {
    super(message, cause);
  }

  BookFaultException(String message) {
    super(message);
  }
}
