package app.fret.reading;

import app.fret.score.NoteRef;
import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * Where the note heads of a passage stand after an edit, and by name what held on to heads that are
 * gone.
 *
 * <p>Each area of decisions moves itself by this; what it cannot move is named here. Made for one
 * move, and not to be shared between threads.
 */
public final class NoteMoves {
  private final Passage before;
  private final Map<NoteRef, NoteRef> now = new HashMap<>();
  private final List<String> lost = new ArrayList<>();

  /**
   * The moves from a passage to what it became.
   *
   * @param eventsNow by event of the passage before: its number in the passage after; those that
   *     are gone are missing
   */
  public NoteMoves(Passage before, Passage after, Map<Integer, Integer> eventsNow) {
    this.before = before;
    List<PlayedNote> notesBefore = PlayedNote.of(before);
    List<PlayedNote> notesAfter = PlayedNote.of(after);
    NotePlaces placesBefore = NotePlaces.of(before, notesBefore);
    NotePlaces placesAfter = NotePlaces.of(after, notesAfter);
    Map<Integer, Integer> noteAt = new HashMap<>();
    notesAfter.forEach(n -> noteAt.put(n.events().first(), n.number()));
    for (PlayedNote note : notesBefore) {
      Optional.ofNullable(eventsNow.get(note.events().first()))
          .map(noteAt::get)
          .ifPresent(is -> addHeads(placesBefore.of(note.number()), placesAfter.of(is)));
    }
  }

  /** Heads of one pitch are one head; a head that became another pitch is gone. */
  private void addHeads(List<NoteRef> headsBefore, List<NoteRef> headsAfter) {
    List<NoteRef> free = new ArrayList<>(headsAfter);
    for (NoteRef head : headsBefore) {
      Optional<NoteRef> found =
          free.stream().filter(f -> f.written().equals(head.written())).findFirst();
      found.ifPresent(
          is -> {
            now.put(head, is);
            free.remove(is);
          });
    }
  }

  /** Where a head stands now; empty where it is gone or another pitch. */
  public Optional<NoteRef> of(NoteRef head) {
    return Optional.ofNullable(now.get(head));
  }

  /**
   * Where a head stands now; where it is gone, what held on to it is named as lost.
   *
   * @param what what held on to it, with its article
   */
  public Optional<NoteRef> of(String what, NoteRef head) {
    Optional<NoteRef> is = of(head);
    if (is.isEmpty()) {
      lose(what, head);
    }
    return is;
  }

  /** Names what is lost, at the head it held on to. */
  public void lose(String what, NoteRef head) {
    String bar = head.bar() < before.bars().size() ? before.bars().get(head.bar()).label() : "?";
    lost.add(what + " on " + head.written().display() + " in bar " + bar);
  }

  /** Moves each of a list that holds on to one head; those whose head is gone are named. */
  public <T> List<T> each(
      String what, Collection<T> all, Function<T, NoteRef> at, BiFunction<T, NoteRef, T> to) {
    List<T> moved = new ArrayList<>();
    for (T one : all) {
      of(what, at.apply(one)).ifPresent(is -> moved.add(to.apply(one, is)));
    }
    return moved;
  }

  /** Moves the keys of a map; those whose head is gone are named. */
  public <V> Map<NoteRef, V> keys(String what, Map<NoteRef, V> all) {
    Map<NoteRef, V> moved = new HashMap<>();
    all.forEach((at, value) -> of(what, at).ifPresent(is -> moved.put(is, value)));
    return moved;
  }

  /** A phrase for each thing that could not be moved, such as {@code the pin on C5 in bar 2}. */
  public List<String> lost() {
    return List.copyOf(lost);
  }
}
