package app.fret.files.abc;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/** A place in a line of music that moves on as signs are read. */
final class AbcCursor {
  private static final Pattern LENGTH = Pattern.compile("(\\d{0,4})(/{0,6})(\\d{0,4})");

  private String text = "";
  private int start;
  private int end;
  private int at;

  /** Goes to the start of a stretch of text. */
  void enter(String newText, int from, int newEnd) {
    text = newText;
    start = from;
    at = from;
    end = newEnd;
  }

  /** Index of the next sign. */
  int at() {
    return at;
  }

  /** Index behind the last sign. */
  int end() {
    return end;
  }

  boolean isAtEnd() {
    return at >= end;
  }

  /** The next sign; a space behind the end. */
  char next() {
    return ahead(0);
  }

  /** The sign so many places further on; a space behind the end. */
  char ahead(int places) {
    return at + places < end ? text.charAt(at + places) : ' ';
  }

  void skip(int signs) {
    at = Math.min(end, at + signs);
  }

  void goTo(int index) {
    at = Math.min(end, index);
  }

  /** What a pattern finds from here on; ask {@code lookingAt}. */
  Matcher match(Pattern pattern) {
    return pattern.matcher(text).region(at, end);
  }

  /** Index of a sign further on in the line, or -1. */
  int indexOf(char sign) {
    int index = text.indexOf(sign, Math.min(end, at + 1));
    return index >= end ? -1 : index;
  }

  /** The text of this line before an index. */
  String textBefore(int index) {
    return text.substring(start, index);
  }

  /** The text from an index up to another. */
  String text(int from, int to) {
    return text.substring(from, to);
  }

  /** Reads the length behind a note, as a factor of the unit; zero where it says nothing. */
  Fraction length() {
    Matcher matcher = match(LENGTH);
    matcher.lookingAt();
    at = matcher.end();
    int above = matcher.group(1).isEmpty() ? 1 : Integer.parseInt(matcher.group(1));
    int slashes = matcher.group(2).length();
    if (slashes == 0) {
      return Fraction.of(above);
    }
    int below =
        matcher.group(3).isEmpty()
            ? 1 << slashes
            : Integer.parseInt(matcher.group(3)) << (slashes - 1);
    return below == 0 ? Fraction.ZERO : Fraction.of(above, below);
  }
}
