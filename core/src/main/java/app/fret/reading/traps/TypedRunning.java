package app.fret.reading.traps;

import app.fret.score.NoteRef;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What the player says the others run on, where only a part is at hand.
 *
 * @param from first note of the first bar
 * @param to a note of the last bar
 * @param value what they run on, as a fraction of a whole note
 */
public record TypedRunning(NoteRef from, NoteRef to, Fraction value) {
  private static final String TO = " to ";

  public TypedRunning {
    if (value.signum() <= 0) {
      throw new IllegalArgumentException("the others run on " + value + " of a whole note");
    }
  }

  /** The same on other notes. */
  public TypedRunning movedTo(NoteRef newFrom, NoteRef newTo) {
    return new TypedRunning(newFrom, newTo, value);
  }

  /** Value and last note as text, such as {@code 1/16 to 4@0/1 D5}. */
  public String valueText() {
    return value.getNumerator() + "/" + value.getDenominator() + TO + to;
  }

  /**
   * Reads what {@link #valueText} writes.
   *
   * @throws IllegalArgumentException when it is none
   */
  public static TypedRunning parse(NoteRef from, String text) {
    int to = text.indexOf(TO);
    int slash = text.indexOf('/');
    if (to < 0 || slash < 0 || slash > to) {
      throw new IllegalArgumentException("'" + text + "' is no value that runs");
    }
    Fraction value =
        Fraction.of(
            Integer.parseInt(text.substring(0, slash)),
            Integer.parseInt(text.substring(slash + 1, to)));
    return new TypedRunning(from, NoteRef.parse(text.substring(to + TO.length())), value);
  }
}
