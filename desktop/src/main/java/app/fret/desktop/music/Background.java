package app.fret.desktop.music;

import java.util.function.Consumer;
import java.util.function.Supplier;

/** Does work beside the window's thread and shows what comes of it. */
public interface Background {
  /**
   * Works something out and shows it. Newer work for the same purpose goes before older: what has
   * not begun is not begun any more, and what comes of work that was overtaken is not shown.
   *
   * @param purpose whose work it is
   * @param work is done on another thread
   * @param show is called on the window's thread
   */
  <T> void latest(Object purpose, Supplier<T> work, Consumer<T> show);
}
