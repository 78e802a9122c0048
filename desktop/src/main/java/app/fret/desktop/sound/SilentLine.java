package app.fret.desktop.sound;

import app.fret.sound.Renderer;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;

/** Stands in for a sound device: nothing is heard, yet time passes as it would. */
final class SilentLine implements SoundLine {
  private static final double NANOS = 1e9;

  /** As much as a device would hold. */
  private static final double AHEAD_SECONDS = 0.1;

  private final LongSupplier nanoTime;
  private final String reason;
  private volatile long startedNanos;
  private volatile long written;

  /**
   * A line that keeps time.
   *
   * @param nanoTime a clock, in nanoseconds
   * @param reason why there is no sound
   */
  SilentLine(LongSupplier nanoTime, String reason) {
    this.nanoTime = nanoTime;
    this.reason = reason;
    discard();
  }

  @Override
  public void write(float[] samples) throws InterruptedException {
    written += samples.length;
    double ahead = (double) (written - elapsed()) / Renderer.RATE - AHEAD_SECONDS;
    if (ahead > 0) {
      TimeUnit.NANOSECONDS.sleep((long) (ahead * NANOS));
    }
  }

  /** Samples a device would have played by now; it may not have been given as many. */
  private long elapsed() {
    return (long) ((nanoTime.getAsLong() - startedNanos) / NANOS * Renderer.RATE);
  }

  @Override
  public long heard() {
    return Math.min(written, elapsed());
  }

  @Override
  public void discard() {
    startedNanos = nanoTime.getAsLong();
    written = 0;
  }

  @Override
  public Optional<String> silentBecause() {
    return Optional.of(reason);
  }

  @Override
  public void close() {
    // It holds nothing.
  }
}
