package app.fret.reading.traps;

import app.fret.reading.NoteMoves;
import app.fret.reading.Others;
import app.fret.score.NoteRef;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What the player has decided while reading.
 *
 * @param seen traps that are ticked off
 * @param running what the others run on, as typed in, in order
 */
public record ReadingChoices(Set<TrapAt> seen, List<TypedRunning> running) {
  public ReadingChoices {
    seen = Set.copyOf(seen);
    running = running.stream().sorted(Comparator.comparingInt(r -> r.from().bar())).toList();
  }

  /** Nothing seen yet, nothing typed. */
  public static ReadingChoices none() {
    return new ReadingChoices(Set.of(), List.of());
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
    return new ReadingChoices(now, running);
  }

  /** The same with a running value in place of those it meets. */
  public ReadingChoices withRunning(TypedRunning typed) {
    List<TypedRunning> now = new ArrayList<>(withoutRunning(typed).running);
    now.add(typed);
    return new ReadingChoices(seen, now);
  }

  /** The same without the running values that these bars meet. */
  public ReadingChoices withoutRunning(TypedRunning bars) {
    return new ReadingChoices(
        seen,
        running.stream()
            .filter(r -> r.to().bar() < bars.from().bar() || r.from().bar() > bars.to().bar())
            .toList());
  }

  /** What the others do with what was typed in place of what their parts say. */
  public Others over(Others others) {
    if (running.isEmpty()) {
      return others;
    }
    List<Others.Running> all = new ArrayList<>();
    for (TypedRunning typed : running) {
      all.add(new Others.Running(typed.from().bar(), typed.to().bar(), typed.value(), ""));
    }
    others.running().stream()
        .filter(
            r ->
                running.stream()
                    .noneMatch(t -> t.from().bar() <= r.lastBar() && r.firstBar() <= t.to().bar()))
        .forEach(all::add);
    all.sort(Comparator.comparingInt(Others.Running::firstBar));
    return new Others(all, others.cues());
  }

  /** The ticked traps as text, in order. */
  public Set<String> rows() {
    return seen.stream().map(TrapAt::toString).collect(Collectors.toCollection(TreeSet::new));
  }

  /** The same with ticks and values that stay with their notes. */
  public ReadingChoices moved(NoteMoves moves) {
    List<TypedRunning> runningNow = new ArrayList<>();
    for (TypedRunning typed : running) {
      Optional<NoteRef> from = moves.of(typed.from());
      Optional<NoteRef> to = moves.of(typed.to());
      if (from.isPresent() && to.isPresent()) {
        runningNow.add(typed.movedTo(from.get(), to.get()));
      } else {
        moves.lose("what the others run on", typed.from());
      }
    }
    List<TrapAt> seenNow =
        moves.each("the tick", seen, TrapAt::at, (trap, at) -> new TrapAt(trap.kind(), at));
    return new ReadingChoices(Set.copyOf(seenNow), runningNow);
  }
}
