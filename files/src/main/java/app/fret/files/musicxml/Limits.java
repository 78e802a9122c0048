package app.fret.files.musicxml;

/** How much of a file is read before it is refused. */
final class Limits {
  /** Largest file, and largest file inside an archive once unzipped, in bytes. */
  static final long BYTES = 64L * 1024 * 1024;

  /** Deepest nesting of elements; real scores stay below 20. */
  static final int DEPTH = 256;

  /** Most elements of a file; a full orchestral score of an hour has about a million. */
  static final int ELEMENTS = 4_000_000;

  /** Most entries of an archive. */
  static final int ARCHIVE_ENTRIES = 1000;

  private Limits() {}
}
