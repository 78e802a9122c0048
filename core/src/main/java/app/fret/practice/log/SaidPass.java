package app.fret.practice.log;

import app.fret.practice.schedule.Miss;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Passes of one kind, as a player said them.
 *
 * @param result how they went
 * @param times how many they were, 1 to {@link LogLine#MOST_TIMES}
 * @param perMinute how fast in the beat of the target; empty where nothing was said of it
 * @param misses what went wrong in each of them, or where it hurt
 */
public record SaidPass(Result result, int times, OptionalDouble perMinute, List<Miss> misses) {
  /** How a pass went. */
  public enum Result {
    CLEAN,
    MISSED,
    HURT
  }

  public SaidPass {
    misses = List.copyOf(misses);
  }
}
