package app.fret.files.musicxml;

import java.util.HashMap;
import java.util.Map;

/** Hands out the small numbers by which MusicXML tells overlapping spans apart. */
final class NumberPool<K> {
  static final int MOST = 16;

  private final Map<K, Integer> taken = new HashMap<>();

  /** The lowest number not in use. */
  int take(K key) {
    int number = 1;
    while (taken.containsValue(number) && number < MOST) {
      number++;
    }
    taken.put(key, number);
    return number;
  }

  /** Gives a number back. */
  int free(K key) {
    return taken.remove(key);
  }
}
