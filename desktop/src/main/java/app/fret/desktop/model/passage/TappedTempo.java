package app.fret.desktop.model.passage;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.OptionalDouble;

/**
 * A tempo tapped along with music: the mean over the latest taps, at most eight. A silence of three
 * seconds begins anew.
 */
public final class TappedTempo {
  private static final int FEWEST_TAPS = 4;
  private static final int MOST_TAPS = 8;
  private static final Duration SILENCE = Duration.ofSeconds(3);
  private static final double MILLIS_A_MINUTE = 60_000;

  private final Clock clock;
  private final Deque<Instant> taps = new ArrayDeque<>();

  /** Taps timed by a clock. */
  public TappedTempo(Clock clock) {
    this.clock = clock;
  }

  /** Taps once; the tempo in taps a minute from the fourth tap on. */
  public OptionalDouble tap() {
    Instant now = clock.instant();
    if (!taps.isEmpty() && Duration.between(taps.getLast(), now).compareTo(SILENCE) > 0) {
      taps.clear();
    }
    taps.addLast(now);
    if (taps.size() > MOST_TAPS) {
      taps.removeFirst();
    }
    long millis = Duration.between(taps.getFirst(), now).toMillis();
    return taps.size() < FEWEST_TAPS || millis == 0
        ? OptionalDouble.empty()
        : OptionalDouble.of((taps.size() - 1) * MILLIS_A_MINUTE / millis);
  }
}
