package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Event;
import app.fret.score.Note;
import app.fret.score.Sounding;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Curves that can be taken for another: a slur over two equal notes, and a tie at the edge of a
 * slur.
 */
final class TieRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    Map<Integer, PlayedNote> noteOf = new HashMap<>();
    for (PlayedNote note : page.notes()) {
      for (int event = note.events().first(); event <= note.events().last(); event++) {
        noteOf.put(event, note);
      }
    }
    for (Span slur : page.passage().slurs()) {
      PlayedNote first = noteOf.get(slur.first());
      PlayedNote last = noteOf.get(slur.last());
      if (first == null || last == null) {
        continue;
      }
      if (last.number() == first.number() + 1 && samePitches(page, slur)) {
        traps.add(
            new Trap(
                Kind.TIE_BESIDE_SLUR,
                last.number(),
                "A slur, not a tie: " + Page.top(last).written().display() + " is played again."));
      } else if (slur.first() == first.events().last() && isTied(first)) {
        traps.add(tieAt(first, "begins"));
      } else if (slur.last() == last.events().first() && isTied(last)) {
        traps.add(tieAt(last, "ends"));
      }
    }
    return traps;
  }

  private static boolean isTied(PlayedNote note) {
    return note.events().last() > note.events().first();
  }

  private static boolean samePitches(Page page, Span slur) {
    return pitches(page.passage().events().get(slur.first()))
        .equals(pitches(page.passage().events().get(slur.last())));
  }

  private static List<Integer> pitches(Event event) {
    return event instanceof Sounding sounding
        ? sounding.notes().stream().map(Note::written).map(p -> p.semitone()).toList()
        : List.of();
  }

  private static Trap tieAt(PlayedNote note, String edge) {
    return new Trap(
        Kind.TIE_BESIDE_SLUR,
        note.number(),
        "A tie where a slur "
            + edge
            + ": "
            + Page.top(note).written().display()
            + " is held, not played again.");
  }
}
