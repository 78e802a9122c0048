package app.fret.engraving;

import app.fret.score.Accidental;
import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which accidental stands before each note: what the key and the bar so far make necessary, and
 * what the source prints besides as a reminder.
 */
final class AccidentalSigns {
  private AccidentalSigns() {}

  /** One list an event, one entry a head, lowest first; empty lists for rests. */
  static List<List<Optional<Accidental>>> of(Passage passage) {
    List<List<Optional<Accidental>>> signs = new ArrayList<>();
    Map<Integer, Integer> inForce = new HashMap<>();
    int bar = -1;
    for (Event event : passage.events()) {
      if (event.bar() != bar) {
        bar = event.bar();
        inForce.clear();
      }
      signs.add(
          event instanceof Sounding sounding
              ? signs(sounding, passage.bars().get(bar), inForce)
              : List.of());
    }
    return signs;
  }

  private static List<Optional<Accidental>> signs(
      Sounding sounding, Bar bar, Map<Integer, Integer> inForce) {
    List<Optional<Accidental>> signs = new ArrayList<>();
    for (Note note : sounding.notes()) {
      int place = note.written().staffStep();
      int alter = note.written().alter();
      int holding = inForce.getOrDefault(place, bar.key().alterOf(note.written().step()));
      boolean needed = alter != holding && !note.tiedFrom();
      if (needed) {
        inForce.put(place, alter);
      }
      boolean cautionary = note.accidental().map(Accidental::cautionary).orElse(false);
      signs.add(
          needed
              ? Optional.of(new Accidental(Accidental.Kind.ofAlter(alter), cautionary))
              : note.accidental());
    }
    return signs;
  }
}
