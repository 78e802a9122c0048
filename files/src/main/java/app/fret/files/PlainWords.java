package app.fret.files;

/** Makes words that came from a file fit to stand in a message or on a page. */
public final class PlainWords {
  /** Longest word or name that a message quotes from a file. */
  private static final int MOST = 60;

  private PlainWords() {}

  /**
   * The text without characters that steer a terminal, turn the direction of writing or have no
   * look, white space joined to single spaces.
   */
  public static String clean(String text) {
    StringBuilder kept = new StringBuilder(text.length());
    text.codePoints()
        .map(c -> Character.isWhitespace(c) || Character.isSpaceChar(c) ? ' ' : c)
        .filter(PlainWords::isPlain)
        .filter(c -> c != ' ' || (!kept.isEmpty() && kept.charAt(kept.length() - 1) != ' '))
        .forEach(kept::appendCodePoint);
    return kept.toString().strip();
  }

  private static boolean isPlain(int character) {
    return switch (Character.getType(character)) {
      case Character.CONTROL,
              Character.FORMAT,
              Character.SURROGATE,
              Character.PRIVATE_USE,
              Character.UNASSIGNED ->
          false;
      default -> true;
    };
  }

  /** The text cleaned and cut to what a message can quote. */
  public static String quoted(String text) {
    String plain = clean(text);
    return plain.codePointCount(0, plain.length()) <= MOST
        ? plain
        : plain.substring(0, plain.offsetByCodePoints(0, MOST)) + "…";
  }
}
