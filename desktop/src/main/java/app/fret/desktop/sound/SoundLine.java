package app.fret.desktop.sound;

import java.util.Optional;

/** Where samples go: a sound device, or what stands in for one. Used by one thread at a time. */
interface SoundLine extends AutoCloseable {
  /**
   * Hands samples on and waits as long as the line has enough to do.
   *
   * @param samples from -1 to 1, at {@link app.fret.sound.Renderer#RATE}
   */
  void write(float[] samples) throws InterruptedException;

  /** How many of the samples handed on have been heard; may be asked from any thread. */
  long heard();

  /** Forgets what was handed on and not heard; {@link #heard()} begins anew at 0. */
  void discard();

  /** Why nothing can be heard, in a few words; empty for a real device. */
  Optional<String> silentBecause();

  @Override
  void close();
}
