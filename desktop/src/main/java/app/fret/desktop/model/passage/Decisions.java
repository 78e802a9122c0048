package app.fret.desktop.model.passage;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/** The decision in force with those before it and those taken back. */
final class Decisions {
  private final Deque<Decision> done = new ArrayDeque<>();
  private final Deque<Decision> undone = new ArrayDeque<>();
  private Decision wanted;

  Decisions(Decision first) {
    wanted = first;
  }

  /** What is wanted now, planned already or still on its way. */
  Decision wanted() {
    return wanted;
  }

  /** Wants something new; it counts as done once {@link #accepted} is called. */
  void want(Decision next) {
    wanted = next;
  }

  /** A new decision was planned; what was taken back before it is gone. */
  void accepted(Decision before) {
    done.push(before);
    undone.clear();
  }

  /** Returns to what was in force when a new decision cannot be met. */
  void refuse(Decision inForce) {
    wanted = inForce;
  }

  Optional<Decision> undo() {
    return step(done, undone);
  }

  Optional<Decision> redo() {
    return step(undone, done);
  }

  private Optional<Decision> step(Deque<Decision> from, Deque<Decision> to) {
    if (from.isEmpty()) {
      return Optional.empty();
    }
    to.push(wanted);
    wanted = from.pop();
    return Optional.of(wanted);
  }

  boolean canUndo() {
    return !done.isEmpty();
  }

  boolean canRedo() {
    return !undone.isEmpty();
  }
}
