package app.fret.score;

import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A bar and what holds in it.
 *
 * @param label its number as printed, or as the file gives it
 * @param uncounted whether it is left out of the count, such as a pickup
 * @param onset time from the start of the passage
 * @param length time its notes and rests take, which a pickup makes shorter than the metre
 * @param metre time signature in force
 * @param key key signature in force
 * @param clefs clefs in force: the first stands at the bar's onset, others follow in time
 * @param edges its bar lines
 */
public record Bar(
    String label,
    boolean uncounted,
    Fraction onset,
    Fraction length,
    Metre metre,
    Key key,
    List<ClefAt> clefs,
    Edges edges) {

  /**
   * A clef that begins at some moment.
   *
   * @param onset time from the start of the passage
   * @param clef the clef
   */
  public record ClefAt(Fraction onset, Clef clef) {}

  /**
   * The bar lines of one bar.
   *
   * @param repeatStart whether a repeat begins here
   * @param repeatTimes how often the repeat that ends here is played, 0 when none ends
   * @param endingStart text of the ending bracket that begins here, for example {@code 1}
   * @param endingStop whether an ending bracket closes here
   * @param line how the line at its end looks; where a repeat ends it is that of the repeat
   */
  public record Edges(
      boolean repeatStart,
      int repeatTimes,
      Optional<String> endingStart,
      boolean endingStop,
      Line line) {
    public Edges {
      line = repeatTimes > 0 ? Line.PLAIN : line;
    }

    /** A plain bar line. */
    public static final Edges PLAIN = new Edges(false, 0, Optional.empty(), false, Line.PLAIN);

    /** The same edges with another line at the end. */
    public Edges withLine(Line newLine) {
      return new Edges(repeatStart, repeatTimes, endingStart, endingStop, newLine);
    }
  }

  /** Looks of a bar line. */
  public enum Line {
    PLAIN,
    DOUBLE,
    FINAL
  }

  public Bar {
    clefs = List.copyOf(clefs);
    if (clefs.isEmpty() || !clefs.get(0).onset().equals(onset)) {
      throw new IllegalArgumentException("bar " + label + " has no clef at its start");
    }
  }

  /** When it is over. */
  public Fraction end() {
    return onset.add(length);
  }

  /** Whether it holds more than its metre asks for. */
  public boolean isOverlong() {
    return !metre.isFree() && length.compareTo(metre.barLength()) > 0;
  }

  /** What its notes and rests add up to, in the unit of its metre where that goes: {@code 5/4}. */
  public String sum() {
    return metre.sum(length);
  }

  /** How far into the metre a moment lies; the notes of a pickup stand at its end. */
  public Fraction placeInMetre(Fraction moment) {
    boolean isPickup = uncounted && !isOverlong();
    Fraction missing = isPickup ? metre.barLength().subtract(length) : Fraction.ZERO;
    return moment.subtract(onset).add(missing);
  }

  /** The clef that holds at this moment of the bar. */
  public Clef clefAt(Fraction moment) {
    Clef clef = clefs.get(0).clef();
    for (ClefAt change : clefs) {
      if (change.onset().compareTo(moment) <= 0) {
        clef = change.clef();
      }
    }
    return clef;
  }
}
