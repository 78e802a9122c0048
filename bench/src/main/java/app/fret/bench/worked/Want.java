package app.fret.bench.worked;

import app.fret.lefthand.fitting.Choice;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/**
 * How a note of a worked passage is taken.
 *
 * @param note number of the note
 * @param strings its strings, the lowest note's first, as numerals: {@code III/II}; {@code *} where
 *     any will do
 * @param fingers its fingers in the same order, such as {@code 3/1}; any of these will do
 */
public record Want(int note, String strings, List<String> fingers) implements Choice {
  private static final List<String> NUMERALS = List.of("I", "II", "III", "IV", "V");

  private static final String ANY = "*";

  public Want {
    fingers = List.copyOf(fingers);
  }

  /**
   * Reads what is written as {@code 13=IV:2|3}.
   *
   * @throws IllegalArgumentException when it is not written so
   */
  static Want parse(String text) {
    String[] parts = text.split("[=:]");
    if (parts.length != 3) {
      throw new IllegalArgumentException("'" + text + "' is not NOTE=STRINGS:FINGERS");
    }
    return new Want(Integer.parseInt(parts[0]), parts[1], List.of(parts[2].split("\\|")));
  }

  @Override
  public boolean isMetBy(Placement at) {
    List<Stop> stops = new ArrayList<>(at.stops());
    stops.sort(Comparator.comparingInt(Stop::string).reversed());
    String taken =
        stops.stream().map(s -> NUMERALS.get(s.string() - 1)).collect(Collectors.joining("/"));
    String by = stops.stream().map(s -> s.finger().sign()).collect(Collectors.joining("/"));
    return (strings.equals(ANY) || taken.equals(strings)) && fingers.contains(by);
  }

  @Override
  public String toString() {
    return note + "=" + strings + ":" + String.join("|", fingers);
  }
}
