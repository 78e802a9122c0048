package app.fret.desktop;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executor;
import javafx.application.Platform;

/** Runs tasks on the window's thread; those that come before there is one wait for it. */
final class WindowQueue implements Executor {
  private final List<Runnable> waiting = new ArrayList<>();
  private boolean open;

  @Override
  public synchronized void execute(Runnable task) {
    if (open) {
      Platform.runLater(task);
    } else {
      waiting.add(task);
    }
  }

  /** Says that the window's thread is there. */
  synchronized void open() {
    open = true;
    waiting.forEach(Platform::runLater);
    waiting.clear();
  }
}
