package app.fret.practice.schedule;

import java.util.ArrayDeque;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.Optional;

/** What went wrong lately at a spot. */
final class MissCount {
  private static final int LATELY = 6;
  private static final int FEWEST = 2;

  private final Deque<MissKind> kinds = new ArrayDeque<>();

  void add(MissKind kind) {
    kinds.addLast(kind);
    if (kinds.size() > LATELY) {
      kinds.removeFirst();
    }
  }

  /** What went wrong at least half of the times; empty where nothing stands out. */
  Optional<MissKind> usual() {
    return kinds.stream()
        .filter(k -> k != MissKind.OTHER)
        .filter(k -> count(k) >= FEWEST && 2 * count(k) >= kinds.size())
        .max(Comparator.comparingInt(this::count));
  }

  private int count(MissKind kind) {
    return Collections.frequency(kinds, kind);
  }

  /** How often and what to mind, such as {@code low 4 of 6 times: aim beyond it}. */
  Optional<String> words() {
    return usual()
        .map(k -> k.words() + " " + count(k) + " of " + kinds.size() + " times: " + k.advice());
  }
}
