package app.fret.desktop.model.passage;

import app.fret.score.Span;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/** What is selected of a passage: a run of notes with the cursor at one end, or nothing at all. */
public final class Selection {
  private int notes;
  private final ObjectProperty<Optional<Integer>> note;
  private final ReadOnlyObjectWrapper<Optional<Integer>> start;
  private boolean extending;

  /** A selection in a passage of so many notes; the first note, if there is one. */
  Selection(int notes) {
    this.notes = notes;
    Optional<Integer> first = notes == 0 ? Optional.empty() : Optional.of(0);
    this.note = new SimpleObjectProperty<>(this, "note", first);
    this.start = new ReadOnlyObjectWrapper<>(this, "start", first);
    note.addListener((property, before, now) -> startAnew(now));
  }

  /** The passage has so many notes from now on. */
  void resize(int newNotes) {
    notes = newNotes;
    int kept = note.get().orElse(0);
    note.set(within(kept));
    start.set(note.get());
  }

  /** A selection begins anew unless it is being extended. */
  private void startAnew(Optional<Integer> now) {
    if (!extending) {
      start.set(now);
    }
  }

  /** Number of the note under the cursor; empty in a passage of rests. */
  public ObjectProperty<Optional<Integer>> noteProperty() {
    return note;
  }

  /** Number of the note under the cursor; empty in a passage of rests. */
  public Optional<Integer> note() {
    return note.get();
  }

  /** The other end of the selection; the cursor's note itself where only one is selected. */
  public ReadOnlyObjectProperty<Optional<Integer>> startProperty() {
    return start.getReadOnlyProperty();
  }

  /** First and last note that are selected; empty in a passage of rests. */
  public Optional<Span> range() {
    return note()
        .flatMap(n -> start.get().map(other -> new Span(Math.min(n, other), Math.max(n, other))));
  }

  /** Selects a note; beyond either end the last one there. */
  void select(int number) {
    note.set(within(number));
    start.set(note.get());
  }

  /** Moves the cursor by so many notes. */
  void step(int by) {
    note().ifPresent(n -> select(n + by));
  }

  /** Moves the cursor by so many notes and keeps the other end. */
  void extend(int by) {
    extending = true;
    note().ifPresent(n -> note.set(within(n + by)));
    extending = false;
  }

  private Optional<Integer> within(int number) {
    return notes == 0 ? Optional.empty() : Optional.of(Math.max(0, Math.min(notes - 1, number)));
  }
}
