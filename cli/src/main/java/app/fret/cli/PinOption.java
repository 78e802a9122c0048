package app.fret.cli;

import app.fret.score.Finger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A pin as a user writes it: {@code 3:2=III:1}.
 *
 * @param note the note it holds on to
 * @param string numeral or number of the string
 * @param finger finger wanted
 */
record PinOption(NoteOption note, String string, Finger finger) {
  private static final Pattern FORM =
      Pattern.compile(NoteOption.FORM + "=([IViv]{1,3}|[1-5]):([0-4Tt])");

  /** Reads the written form. */
  static PinOption parse(String text) {
    Matcher matcher = FORM.matcher(text);
    if (!matcher.matches()) {
      throw new IllegalArgumentException(
          "'" + text + "' is no pin; write BAR:INDEX=STRING:FINGER such as 3:2=III:1");
    }
    return new PinOption(
        new NoteOption(matcher.group(1), Integer.parseInt(matcher.group(2))),
        matcher.group(3),
        Finger.ofSign(matcher.group(4).toUpperCase(java.util.Locale.ROOT)));
  }
}
