package app.fret.files.abc;

/** Says why a field or a sign cannot be understood, in words for the player. */
final class AbcFaultException extends Exception {
  private static final long serialVersionUID = 1L;

  AbcFaultException(String words) {
    super(words);
  }
}
