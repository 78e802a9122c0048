package app.fret.files.abc;

/**
 * A change of the text that would mend a problem.
 *
 * @param words what it does, such as {@code Close the chord}
 * @param from index of the first character that goes
 * @param to index behind the last that goes; {@code from} for none
 * @param put what comes in its place
 */
public record AbcMend(String words, int from, int to, String put) {
  /** Takes something out. */
  static AbcMend without(int from, int to) {
    return new AbcMend("Take it out", from, to, "");
  }

  /** Puts something in. */
  static AbcMend with(String words, int at, String put) {
    return new AbcMend(words, at, at, put);
  }

  /** The text after the change. */
  public String applied(String text) {
    return text.substring(0, from) + put + text.substring(to);
  }
}
