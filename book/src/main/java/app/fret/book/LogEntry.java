package app.fret.book;

import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.time.Instant;
import java.util.OptionalDouble;

/**
 * One pass through a passage, with what was played: its own beat unit and length, so that another
 * target does not change the past.
 *
 * @param passageId which passage
 * @param at when
 * @param tempo how fast
 * @param seconds how long the pass takes at that tempo; empty for a pass that was logged before
 *     that was kept
 * @param clean whether it was clean
 */
public record LogEntry(
    long passageId, Instant at, Tempo tempo, OptionalDouble seconds, boolean clean) {

  /** The tempo counted in a beat unit. */
  public double perMinuteIn(BeatUnit beat) {
    return tempo.beat().equals(beat) ? tempo.perMinute() : tempo.in(beat).perMinute();
  }
}
