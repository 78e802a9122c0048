package app.fret.score;

import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * How fast a passage goes at each of its moments.
 *
 * @param changes where each tempo begins, the first at the start, in order of time
 */
public record TempoMap(List<Change> changes) {
  /**
   * A tempo that begins somewhere and holds up to the next.
   *
   * @param onset time from the start of the passage, as a fraction of a whole note
   * @param tempo the tempo
   */
  public record Change(Fraction onset, Tempo tempo) {}

  public TempoMap {
    changes = List.copyOf(changes);
    if (changes.isEmpty() || changes.get(0).onset().signum() != 0) {
      throw new IllegalArgumentException("no tempo holds at the start");
    }
    for (int i = 1; i < changes.size(); i++) {
      if (changes.get(i).onset().compareTo(changes.get(i - 1).onset()) <= 0) {
        throw new IllegalArgumentException(
            "the tempo at " + changes.get(i).onset() + " does not come after the one before");
      }
    }
  }

  /** One tempo throughout. */
  public static TempoMap constant(Tempo tempo) {
    return new TempoMap(List.of(new Change(Fraction.ZERO, tempo)));
  }

  /** The tempo that holds at a moment. */
  public Tempo at(Fraction onset) {
    Tempo held = changes.get(0).tempo();
    for (Change change : changes) {
      if (change.onset().compareTo(onset) <= 0) {
        held = change.tempo();
      }
    }
    return held;
  }

  /** Seconds from the start to a moment. */
  public double seconds(Fraction onset) {
    double seconds = 0;
    for (int i = 0; i < changes.size(); i++) {
      Change change = changes.get(i);
      boolean last = i + 1 == changes.size() || changes.get(i + 1).onset().compareTo(onset) >= 0;
      Fraction end = last ? onset : changes.get(i + 1).onset();
      seconds += change.tempo().seconds(end.subtract(change.onset()));
      if (last) {
        break;
      }
    }
    return seconds;
  }

  /** Seconds between two moments. */
  public double seconds(Fraction from, Fraction to) {
    return changes.size() == 1
        ? changes.get(0).tempo().seconds(to.subtract(from))
        : seconds(to) - seconds(from);
  }
}
