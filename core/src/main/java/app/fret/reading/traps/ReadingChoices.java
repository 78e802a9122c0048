package app.fret.reading.traps;

import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What the player has decided while reading.
 *
 * @param seen traps that are ticked off
 */
public record ReadingChoices(Set<TrapAt> seen) {
  public ReadingChoices {
    seen = Set.copyOf(seen);
  }

  /** Nothing seen yet. */
  public static ReadingChoices none() {
    return new ReadingChoices(Set.of());
  }

  /** Whether a trap is ticked off. */
  public boolean hasSeen(TrapAt trap) {
    return seen.contains(trap);
  }

  /** The same with a trap ticked off, or no longer. */
  public ReadingChoices withSeen(TrapAt trap, boolean isSeen) {
    Set<TrapAt> now = seen.stream().filter(t -> !t.equals(trap)).collect(Collectors.toSet());
    if (isSeen) {
      now.add(trap);
    }
    return new ReadingChoices(now);
  }

  /** The ticked traps as text, in order. */
  public Set<String> rows() {
    return seen.stream().map(TrapAt::toString).collect(Collectors.toCollection(TreeSet::new));
  }
}
