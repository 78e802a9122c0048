package app.fret.search;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Numbers for equal values, from 0 in the order they come. */
public final class Numbering<T> {
  private final Map<T, Integer> numbers = new HashMap<>();
  private final List<T> values = new ArrayList<>();

  /** The number of a value, a new one for a value not seen before. */
  public int of(T value) {
    Integer known = numbers.putIfAbsent(value, values.size());
    if (known == null) {
      values.add(value);
      return values.size() - 1;
    }
    return known;
  }

  /** The value of a number. */
  public T get(int number) {
    return values.get(number);
  }

  /** How many values there are. */
  public int size() {
    return values.size();
  }

  /** All values, by number. */
  public List<T> values() {
    return values;
  }
}
