package app.fret.desktop.sound;

import app.fret.sound.LoopedSound;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;

/**
 * Plays one sound at a time on the one line there is, which it opens at the first sound and keeps.
 * A thread of its own feeds the line; all methods return at once.
 */
public final class SoundPlayer implements AutoCloseable {
  private static final int BLOCK = 1024;

  private final Supplier<SoundLine> opener;
  private final ExecutorService thread;
  private Optional<Future<?>> playing = Optional.empty();
  private volatile Optional<SoundLine> line = Optional.empty();
  private volatile Optional<LoopedSound> sound = Optional.empty();

  SoundPlayer(Supplier<SoundLine> opener) {
    this.opener = opener;
    this.thread =
        Executors.newSingleThreadExecutor(
            task -> {
              Thread feeding = new Thread(task, "fret-sound");
              feeding.setDaemon(true);
              return feeding;
            });
  }

  /** A player on the system's sound device, or on a silent stand-in where there is none. */
  public static SoundPlayer onDevice() {
    return new SoundPlayer(DeviceLine::open);
  }

  /** A player that is never heard, for tests and for where sound would disturb. */
  public static SoundPlayer silent() {
    return new SoundPlayer(() -> new SilentLine(System::nanoTime, "sound is off"));
  }

  /** Plays a sound from its start, in place of what played before. */
  public void play(LoopedSound wanted) {
    stop();
    sound = Optional.of(wanted);
    playing = Optional.of(thread.submit(this::feed));
  }

  /** Goes over to another sound: in mid-bar where both keep step, else from its start. */
  public void change(LoopedSound wanted) {
    boolean keepsStep = sound.filter(s -> s.isInStepWith(wanted)).isPresent();
    if (keepsStep && playing.isPresent()) {
      sound = Optional.of(wanted);
    } else {
      play(wanted);
    }
  }

  /** Stops at once. */
  public void stop() {
    sound = Optional.empty();
    playing.ifPresent(p -> p.cancel(true));
    playing = Optional.empty();
  }

  private void feed() {
    try {
      SoundLine open = opened();
      open.discard();
      long at = 0;
      Optional<LoopedSound> now = sound;
      while (now.isPresent() && !Thread.currentThread().isInterrupted()) {
        open.write(now.get().render(at, BLOCK));
        at += BLOCK;
        now = sound;
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (RuntimeException e) {
      Thread me = Thread.currentThread();
      me.getUncaughtExceptionHandler().uncaughtException(me, e);
    } finally {
      line.ifPresent(SoundLine::discard);
    }
  }

  private SoundLine opened() {
    if (line.isEmpty()) {
      line = Optional.of(opener.get());
    }
    return line.get();
  }

  /** The click that is being heard; empty before the first and when nothing plays. */
  public Optional<LoopedSound.Heard> clickNow() {
    Optional<LoopedSound> now = sound;
    Optional<SoundLine> open = line;
    return now.isPresent() && open.isPresent()
        ? now.get().clickAt(Math.max(0, open.get().heard()))
        : Optional.empty();
  }

  /** Why nothing is heard, in a few words; empty with a device and before the first sound. */
  public Optional<String> silentBecause() {
    return line.flatMap(SoundLine::silentBecause);
  }

  @Override
  public void close() {
    if (!thread.isShutdown()) {
      stop();
      thread.execute(() -> line.ifPresent(SoundLine::close));
      thread.shutdown();
    }
  }
}
