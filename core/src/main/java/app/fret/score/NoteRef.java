package app.fret.score;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * The place of a note head, by which decisions hold on to it: a running number would move with
 * every note that is read otherwise one day.
 *
 * @param bar index of its bar in the passage, from 0
 * @param onsetInBar when it starts, from the start of its bar, as a fraction of a whole note
 * @param written its pitch on the page
 * @param occurrence how many heads of the same bar, time and pitch stand before it: 0 but for grace
 *     notes and unisons
 */
public record NoteRef(int bar, Fraction onsetInBar, WrittenPitch written, int occurrence) {
  /** What {@link #toString} writes, to be found in longer texts. */
  public static final Pattern FORM =
      Pattern.compile(
          "\\b(\\d{1,9})@(-?\\d{1,9})/(\\d{1,9}) ([A-G][#b]{0,2}[0-9])(?: \\+(\\d{1,4}))?\\b");

  public NoteRef {
    if (bar < 0 || occurrence < 0) {
      throw new IllegalArgumentException("a note in bar " + bar + ", " + occurrence + " before it");
    }
  }

  /**
   * Reads the form that {@link #toString} writes.
   *
   * @throws IllegalArgumentException when the text is no place of a note
   */
  public static NoteRef parse(String text) {
    Matcher matcher = FORM.matcher(text);
    if (!matcher.matches()) {
      throw new IllegalArgumentException("'" + text + "' is no place of a note");
    }
    int denominator = Integer.parseInt(matcher.group(3));
    if (denominator == 0) {
      throw new IllegalArgumentException("'" + text + "' divides by nothing");
    }
    String before = matcher.group(5);
    return new NoteRef(
        Integer.parseInt(matcher.group(1)),
        Fraction.of(Integer.parseInt(matcher.group(2)), denominator),
        WrittenPitch.parse(matcher.group(4)),
        before == null ? 0 : Integer.parseInt(before));
  }

  /** For example {@code 4@3/8 F#4}, or {@code 4@3/8 F#4 +1} for the second of its kind. */
  @Override
  public String toString() {
    String place =
        bar + "@" + onsetInBar.getNumerator() + "/" + onsetInBar.getDenominator() + " " + written;
    return occurrence == 0 ? place : place + " +" + occurrence;
  }
}
