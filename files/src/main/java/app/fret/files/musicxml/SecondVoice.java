package app.fret.files.musicxml;

import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Lays notes of a second voice upon the events of the first: what sounds with it in one hand is a
 * double stop, and a note that is held under several is tied from one to the next.
 */
final class SecondVoice {
  /** No bowed instrument has more strings that one stroke can reach. */
  private static final int MOST_HEADS = 4;

  private SecondVoice() {}

  /**
   * A note of the second voice.
   *
   * @param from when it begins
   * @param to when it ends
   */
  record Held(Fraction from, Fraction to, Note head, Marks marks) {}

  /**
   * Lays notes upon events from an index on, which they cover wholly.
   *
   * @return the notes that find no place
   */
  static List<Held> lay(List<Held> held, List<Event> events, int firstEvent) {
    List<Held> left = new ArrayList<>();
    for (Held note : held) {
      List<Integer> under = under(note, events, firstEvent);
      if (under.isEmpty()) {
        left.add(note);
      } else {
        lay(note, events, under);
      }
    }
    return left;
  }

  private static List<Integer> under(Held note, List<Event> events, int firstEvent) {
    List<Integer> under = new ArrayList<>();
    Fraction reached = note.from();
    for (int i = firstEvent; i < events.size(); i++) {
      Event event = events.get(i);
      boolean inside =
          event.length().signum() > 0
              && event.onset().compareTo(note.from()) >= 0
              && event.end().compareTo(note.to()) <= 0;
      if (inside && (!event.onset().equals(reached) || !hasRoom(event, note))) {
        return List.of();
      }
      if (inside) {
        under.add(i);
        reached = event.end();
      }
    }
    return reached.equals(note.to()) ? under : List.of();
  }

  private static boolean hasRoom(Event event, Held note) {
    return !(event instanceof Sounding sounding)
        || sounding.notes().size() < MOST_HEADS
            && sounding.notes().stream().noneMatch(n -> n.written().equals(note.head().written()));
  }

  private static void lay(Held note, List<Event> events, List<Integer> under) {
    for (int i = 0; i < under.size(); i++) {
      boolean first = i == 0;
      boolean last = i == under.size() - 1;
      Note head =
          (first ? note.head() : Note.of(note.head().written()))
              .withTies(!first || note.head().tiedFrom(), !last || note.head().tiedTo());
      int index = under.get(i);
      events.set(index, with(events.get(index), head, first ? note.marks() : Marks.NONE));
    }
  }

  private static Event with(Event event, Note head, Marks marks) {
    if (event instanceof Sounding sounding) {
      List<Note> heads = new ArrayList<>(sounding.notes());
      heads.add(head);
      return sounding.withNotes(heads).withMarks(sounding.marks().and(marks));
    }
    Rest rest = (Rest) event;
    return new Sounding(
        rest.bar(),
        rest.onset(),
        rest.length(),
        rest.written(),
        Sounding.Grace.NONE,
        List.of(head),
        marks);
  }
}
