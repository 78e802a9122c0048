package app.fret.cli;

import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A note as a user names it: {@code 3:2}.
 *
 * @param bar label of the bar
 * @param index its place among the notes and chords of the bar, from 1
 */
record NoteOption(String bar, int index) {
  /** The written form, as two groups of a pattern. */
  static final String FORM = "([^:=]+):(\\d{1,4})";

  /**
   * Reads the written form, such as {@code 12:3}.
   *
   * @param option name of the option, for the message
   */
  static NoteOption parse(String text, String option) {
    Matcher matcher = Pattern.compile(FORM).matcher(text);
    if (!matcher.matches()) {
      throw new IllegalArgumentException(
          "--" + option + " '" + text + "'; write BAR:INDEX such as 3:2");
    }
    return new NoteOption(matcher.group(1), Integer.parseInt(matcher.group(2)));
  }

  /**
   * The note in a passage.
   *
   * @param option name of the option, for the message
   */
  PlayedNote in(Reading reading, String option) {
    return reading.notes().stream()
        .filter(n -> reading.passage().bars().get(n.bar()).label().equals(bar))
        .filter(n -> n.indexInBar() == index)
        .findFirst()
        .orElseThrow(
            () -> new IllegalArgumentException(option + ": bar " + bar + " has no note " + index));
  }
}
