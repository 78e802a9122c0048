package app.fret.practice.schedule;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * A place of a passage that is hard.
 *
 * @param place bar and number of the note in it, such as {@code 12:3}
 * @param words where and why, such as {@code bar 12, shift of 5.4 bits}
 * @param drills names of the drills that fit it, the likeliest first
 * @param isCapped whether it stretches or loads the hand so that repeats of it are counted
 * @param around places at which a miss is one of this spot, each with how many notes it lies beside
 *     it, 0 for its own; bars by their labels, for a miss of which only the bar is known
 * @param drillSeconds how long each drill takes once on the lowest rung, by its name, in s
 */
public record Spot(
    String place,
    String words,
    List<String> drills,
    boolean isCapped,
    Map<String, Integer> around,
    Map<String, Double> drillSeconds) {
  public Spot {
    drills = List.copyOf(drills);
    around = Map.copyOf(around);
    drillSeconds = Map.copyOf(drillSeconds);
  }

  /** One that is known by its place alone. */
  public Spot(String place, String words, List<String> drills, boolean isCapped) {
    this(place, words, drills, isCapped, Map.of(), Map.of());
  }

  /** How long a drill takes once on the lowest rung, in s; 0 where that is not known. */
  double seconds(String drill) {
    return drillSeconds.getOrDefault(drill, 0.0);
  }

  /** How many notes a place lies beside it, 0 for its own; empty where it is none of its places. */
  OptionalInt distance(String other) {
    if (place.equals(other)) {
      return OptionalInt.of(0);
    }
    Integer beside = around.get(other);
    return beside == null ? OptionalInt.empty() : OptionalInt.of(beside);
  }
}
