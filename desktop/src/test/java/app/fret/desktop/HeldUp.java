package app.fret.desktop;

import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executor;

/** Hands tasks on to another executor, and keeps them back while a test wants them to wait. */
final class HeldUp implements Executor {
  private final Executor behind;
  private final Queue<Runnable> held = new ConcurrentLinkedQueue<>();
  private volatile boolean isHolding;

  HeldUp(Executor behind) {
    this.behind = behind;
  }

  @Override
  public void execute(Runnable task) {
    if (isHolding) {
      held.add(task);
    } else {
      behind.execute(task);
    }
  }

  void hold() {
    isHolding = true;
  }

  boolean holdsSomething() {
    return !held.isEmpty();
  }

  /** Runs the task that has waited longest, here and now. */
  void runNext() {
    held.remove().run();
  }

  void letGo() {
    isHolding = false;
    for (Runnable next = held.poll(); next != null; next = held.poll()) {
      behind.execute(next);
    }
  }
}
