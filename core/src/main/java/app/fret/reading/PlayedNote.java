package app.fret.reading;

import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A note or chord that is played once: what ties join counts as one.
 *
 * @param number its number in the passage, from 0, rests not counted
 * @param events the events it covers, more than one when tied
 * @param bar index of the bar it starts in
 * @param indexInBar its place among the notes and chords of the bar, from 1
 * @param onset when it starts
 * @param length how long it sounds, ties included; zero for a grace note
 * @param notes its note heads, lowest first, with what is printed at the first of them
 * @param marks the signs at its start
 */
public record PlayedNote(
    int number,
    Span events,
    int bar,
    int indexInBar,
    Fraction onset,
    Fraction length,
    List<Note> notes,
    Marks marks) {

  public PlayedNote {
    notes = List.copyOf(notes);
  }

  /** Whether it is a grace note. */
  public boolean isGrace() {
    return length.signum() == 0;
  }

  /** When it is over. */
  public Fraction end() {
    return onset.add(length);
  }

  /** The notes of a passage in order. */
  public static List<PlayedNote> of(Passage passage) {
    return new Joiner(passage).join();
  }

  /** Joins tied events; its fields live for one call. */
  private static final class Joiner {
    private final List<Event> events;
    private final List<PlayedNote> joined = new ArrayList<>();

    Joiner(Passage passage) {
      this.events = passage.events();
    }

    List<PlayedNote> join() {
      int bar = -1;
      int indexInBar = 0;
      for (int i = 0; i < events.size(); i++) {
        if (!(events.get(i) instanceof Sounding sounding) || continuesLast(i, sounding)) {
          continue;
        }
        indexInBar = sounding.bar() == bar ? indexInBar + 1 : 1;
        bar = sounding.bar();
        add(i, sounding, indexInBar);
      }
      return List.copyOf(joined);
    }

    private void add(int event, Sounding start, int indexInBar) {
      int last = event;
      Optional<Integer> next = tiedOn(last);
      while (next.isPresent()) {
        last = next.get();
        next = tiedOn(last);
      }
      joined.add(
          new PlayedNote(
              joined.size(),
              new Span(event, last),
              start.bar(),
              indexInBar,
              start.onset(),
              events.get(last).end().subtract(start.onset()),
              start.notes(),
              start.marks()));
    }

    private boolean continuesLast(int event, Sounding sounding) {
      return !joined.isEmpty() && joined.get(joined.size() - 1).events().holds(event);
    }

    /** The event that wholly continues this one by ties, if there is one. */
    private Optional<Integer> tiedOn(int event) {
      Sounding here = (Sounding) events.get(event);
      if (event + 1 >= events.size()
          || !(events.get(event + 1) instanceof Sounding next)
          || here.isGrace()
          || next.isGrace()) {
        return Optional.empty();
      }
      boolean whole =
          here.notes().stream().allMatch(Note::tiedTo)
              && next.notes().stream().allMatch(Note::tiedFrom)
              && pitches(here).equals(pitches(next));
      return whole ? Optional.of(event + 1) : Optional.empty();
    }

    private static List<Integer> pitches(Sounding sounding) {
      return sounding.notes().stream().map(n -> n.written().semitone()).toList();
    }
  }
}
