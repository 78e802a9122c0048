package app.fret.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Ties of which a file may name both ends, or one alone. A tie joins two heads of one pitch in
 * events that follow each other without a rest; one named at either end is one. One that leads to
 * no such head joins nothing, and stays as it is printed.
 */
public final class Ties {
  private Ties() {}

  /** Names both ends of each tie that joins two heads. */
  public static List<Event> settled(List<Event> events) {
    List<Event> settled = new ArrayList<>(events);
    for (int i = 0; i < settled.size(); i++) {
      if (settled.get(i) instanceof Sounding here && !here.isGrace()) {
        Optional<Sounding> next = following(settled, i);
        settled.set(i, leaving(here, next));
        if (next.isPresent()) {
          settled.set(i + 1, arriving(next.get(), here));
        }
      }
    }
    return List.copyOf(settled);
  }

  /** Whether some tone of an event sounds on in the next one without being struck again. */
  public static boolean hold(Event before, Event after) {
    return before instanceof Sounding here
        && after instanceof Sounding next
        && here.notes().stream()
            .filter(Note::tiedTo)
            .anyMatch(n -> head(next, n).filter(Note::tiedFrom).isPresent());
  }

  private static Optional<Sounding> following(List<Event> events, int index) {
    return index + 1 < events.size() && follows(events, index + 1)
        ? Optional.of((Sounding) events.get(index + 1))
        : Optional.empty();
  }

  /** Whether an event begins where the note or chord before it ends. */
  private static boolean follows(List<Event> events, int index) {
    return events.get(index) instanceof Sounding now
        && events.get(index - 1) instanceof Sounding before
        && !now.isGrace()
        && !before.isGrace()
        && before.end().equals(now.onset());
  }

  private static Sounding leaving(Sounding here, Optional<Sounding> next) {
    List<Note> heads = new ArrayList<>();
    for (Note head : here.notes()) {
      Optional<Note> there = next.flatMap(n -> head(n, head));
      boolean ties = there.isPresent() && (head.tiedTo() || there.get().tiedFrom());
      heads.add(head.withTies(head.tiedFrom(), ties || head.tiedTo()));
    }
    return here.withNotes(heads);
  }

  private static Sounding arriving(Sounding next, Sounding before) {
    List<Note> heads = new ArrayList<>();
    for (Note head : next.notes()) {
      boolean ties = head(before, head).filter(b -> b.tiedTo() || head.tiedFrom()).isPresent();
      heads.add(head.withTies(ties || head.tiedFrom(), head.tiedTo()));
    }
    return next.withNotes(heads);
  }

  private static Optional<Note> head(Sounding in, Note like) {
    return in.notes().stream()
        .filter(n -> n.written().semitone() == like.written().semitone())
        .findFirst();
  }
}
