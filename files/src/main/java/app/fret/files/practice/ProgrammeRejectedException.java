package app.fret.files.practice;

/** A programme that cannot be read, with the place in the file and what to do. */
public final class ProgrammeRejectedException extends Exception {
  private static final long serialVersionUID = 1L;

  ProgrammeRejectedException(String file, String words) {
    super(file + ": " + words);
  }
}
