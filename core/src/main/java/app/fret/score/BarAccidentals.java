package app.fret.score;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The accidentals that stand on the page: those a source prints, and those that key and bar make
 * necessary where it prints none. An accidental holds to the end of its bar on its own line or
 * space (Gould, Behind Bars, 2011, ch. 3), and a tied head needs none.
 *
 * <p>Worked out here once; engraving, traps and writers read them at the notes.
 */
public final class BarAccidentals {
  private final Key key;
  private final Map<Integer, Integer> inForce = new HashMap<>();

  /** Nothing altered yet in a bar of this key. */
  public BarAccidentals(Key key) {
    this.key = key;
  }

  /** The sign before the next head of the bar. */
  public Optional<Accidental> next(Note head) {
    int place = head.written().staffStep();
    int alter = head.written().alter();
    int holding = inForce.getOrDefault(place, key.alterOf(head.written().step()));
    if (head.tiedFrom()) {
      return head.accidental();
    }
    inForce.put(place, alter);
    return head.accidental().isPresent() || holding == alter
        ? head.accidental()
        : Optional.of(new Accidental(Accidental.Kind.ofAlter(alter), false));
  }

  /** The passage with all accidentals that its page needs. */
  public static Passage completed(Passage passage) {
    List<Event> events = new ArrayList<>();
    int bar = -1;
    BarAccidentals accidentals = new BarAccidentals(passage.bars().get(0).key());
    for (Event event : passage.events()) {
      if (event.bar() != bar) {
        bar = event.bar();
        accidentals = new BarAccidentals(passage.bars().get(bar).key());
      }
      events.add(event instanceof Sounding sounding ? accidentals.next(sounding) : event);
    }
    return events.equals(passage.events()) ? passage : passage.withEvents(events);
  }

  private Sounding next(Sounding sounding) {
    List<Note> heads = new ArrayList<>();
    for (Note head : sounding.notes()) {
      heads.add(head.withAccidental(next(head)));
    }
    return sounding.withNotes(heads);
  }
}
