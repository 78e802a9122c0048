package app.fret.cli;

import app.fret.bow.stroke.StrokeDecision;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A decision on a stroke as a user writes it: {@code 3:2=up}.
 *
 * @param note the note it holds on to
 * @param decision what is decided
 */
record StrokeOption(NoteOption note, StrokeDecision decision) {
  private static final Pattern WRITTEN = Pattern.compile(NoteOption.FORM + "=(.+)");

  /** Reads the written form. */
  static StrokeOption parse(String text) {
    Matcher matcher = WRITTEN.matcher(text);
    if (!matcher.matches()) {
      throw new IllegalArgumentException(
          "'" + text + "' is no stroke; write BAR:INDEX=WHAT such as 3:2=up or 3:2=at:0.4");
    }
    return new StrokeOption(
        new NoteOption(matcher.group(1), Integer.parseInt(matcher.group(2))),
        StrokeDecision.parse(matcher.group(3)));
  }
}
