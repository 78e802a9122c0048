package app.fret.search;

import java.util.function.Supplier;

/** Something that is worked out when it is first asked for, once, whoever asks. */
public final class Lazy<T> implements Supplier<T> {
  private Supplier<T> work;
  private T value;

  /** Keeps work for later. */
  public Lazy(Supplier<T> work) {
    this.work = work;
  }

  @Override
  public synchronized T get() {
    if (work != null) {
      value = work.get();
      work = null;
    }
    return value;
  }
}
