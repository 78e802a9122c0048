package app.fret.cli;

import app.fret.reading.Reading;
import app.fret.score.Span;
import java.util.List;

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

  /**
   * The notes that begin in these bars.
   *
   * @throws IllegalArgumentException when there is no such bar, or no note in them
   */
  Span notes(Reading reading) {
    List<String> labels =
        reading.notes().stream().map(n -> reading.passage().bars().get(n.bar()).label()).toList();
    int from = labels.indexOf(first);
    int to = labels.lastIndexOf(last);
    if (from < 0 || to < 0) {
      throw new IllegalArgumentException(
          "no note begins in bar " + (from < 0 ? first : last) + " of the passage");
    }
    if (to < from) {
      throw new IllegalArgumentException("it ends before it begins");
    }
    return new Span(from, to);
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
