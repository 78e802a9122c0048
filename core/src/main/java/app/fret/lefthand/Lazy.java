package app.fret.lefthand;

import java.util.function.Supplier;

/** Something that is worked out when it is first asked for, once, whoever asks. */
final class Lazy<T> implements Supplier<T> {
  private Supplier<T> work;
  private T value;

  Lazy(Supplier<T> work) {
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
