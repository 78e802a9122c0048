package app.fret.bow;

import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Which strokes begin a bar that is bowed like the bar before it: equal in rhythm, slurs, accents
 * and rests, so that it best starts the same way.
 */
final class Figures {
  private static final int GESTURES = 2;

  private final boolean[] begins;
  private final boolean[] repeats;

  /** One stroke of a bar, seen from the bar line. */
  private record Gesture(Fraction place, List<Fraction> lengths, double accent) {}

  Figures(BowLine line, List<Draft> drafts) {
    begins = new boolean[drafts.size()];
    repeats = new boolean[drafts.size()];
    Map<Integer, List<Gesture>> bars = new HashMap<>();
    Map<Integer, Integer> firstOf = new HashMap<>();
    for (int i = 0; i < drafts.size(); i++) {
      PlayedNote note = line.brief().notes().get(drafts.get(i).notes().first());
      firstOf.putIfAbsent(note.bar(), i);
      bars.computeIfAbsent(note.bar(), b -> new ArrayList<>()).add(gesture(line, drafts.get(i)));
    }
    firstOf.forEach(
        (bar, first) -> {
          List<Gesture> now = bars.get(bar);
          begins[first] = true;
          repeats[first] = now.size() >= GESTURES && now.equals(bars.get(bar - 1));
        });
  }

  private static Gesture gesture(BowLine line, Draft draft) {
    PlayedNote first = line.brief().notes().get(draft.notes().first());
    Bar bar = line.brief().passage().bars().get(first.bar());
    List<Fraction> lengths = new ArrayList<>();
    for (int i = draft.notes().first(); i <= draft.notes().last(); i++) {
      lengths.add(line.brief().notes().get(i).length());
    }
    double accent = line.note(draft.notes().first()).accent();
    return new Gesture(bar.placeInMetre(first.onset()), lengths, accent);
  }

  /** Whether any bar comes back. */
  boolean any() {
    for (boolean repeated : repeats) {
      if (repeated) {
        return true;
      }
    }
    return false;
  }

  /** Whether a stroke begins a bar. */
  boolean begins(int stroke) {
    return begins[stroke];
  }

  /** Whether it begins a bar that is bowed like the one before. */
  boolean repeats(int stroke) {
    return repeats[stroke];
  }
}
