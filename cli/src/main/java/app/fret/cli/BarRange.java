package app.fret.cli;

/**
 * Bars as a user names them, {@code 5-12} or {@code 7}.
 *
 * @param first label of the first bar
 * @param last label of the last bar
 */
record BarRange(String first, String last) {
  /** Reads the written form. */
  static BarRange parse(String text) {
    return new BarRange(before(text), after(text));
  }

  private static String before(String text) {
    return text.contains("-") ? text.substring(0, text.indexOf('-')).strip() : text.strip();
  }

  private static String after(String text) {
    String last = text.contains("-") ? text.substring(text.indexOf('-') + 1).strip() : text.strip();
    if (last.isEmpty() || before(text).isEmpty()) {
      throw new IllegalArgumentException("'" + text + "' names no bars; write 5-12 or 7");
    }
    return last;
  }
}
