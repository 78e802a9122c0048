package app.fret.practice.schedule;

import java.util.List;

/**
 * A place of a passage that is hard.
 *
 * @param place bar and number of the note in it, such as {@code 12:3}
 * @param words where and why, such as {@code bar 12, shift of 5.4 bits}
 * @param drills names of the drills that fit it, the likeliest first
 * @param isCapped whether it stretches or loads the hand so that repeats of it are counted
 */
public record Spot(String place, String words, List<String> drills, boolean isCapped) {
  public Spot {
    drills = List.copyOf(drills);
  }
}
