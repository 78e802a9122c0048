package app.fret.study;

import app.fret.bow.stroke.Stroke;
import app.fret.reading.PlayedNote;
import app.fret.reading.StrokeGroups;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The slurs of a passage as it is bowed: a printed slur is cut where the plan splits it, and notes
 * that the plan joins are slurred; all others stand as printed.
 */
final class BowedSlurs {
  private final Study study;
  private final Set<Integer> newStarts = new HashSet<>();

  private BowedSlurs(Study study) {
    this.study = study;
    Set<Integer> printed = new HashSet<>();
    for (Span group : study.brief().reading().strokes().groups()) {
      printed.add(group.first());
    }
    for (Stroke stroke : study.bow().strokes()) {
      if (!stroke.beginsInside() && !printed.contains(stroke.firstNote())) {
        newStarts.add(firstEvent(stroke.firstNote()));
      }
    }
  }

  /** The slurs, each over its events, in order of their first event. */
  static List<Span> of(Study study) {
    BowedSlurs slurs = new BowedSlurs(study);
    List<Span> all = new ArrayList<>();
    study.passage().slurs().forEach(s -> slurs.cut(s, all));
    slurs.join(all);
    all.sort((one, other) -> Integer.compare(one.first(), other.first()));
    return all;
  }

  private int firstEvent(int note) {
    return study.notes().get(note).events().first();
  }

  private void cut(Span slur, List<Span> pieces) {
    int first = slur.first();
    for (int event = slur.first() + 1; event <= slur.last(); event++) {
      if (newStarts.contains(event)) {
        add(first, event - 1, pieces);
        first = event;
      }
    }
    add(first, slur.last(), pieces);
  }

  private static void add(int first, int last, List<Span> pieces) {
    if (last > first) {
      pieces.add(new Span(first, last));
    }
  }

  /** Grace notes that lead into a stroke need no slur to be read so. */
  private boolean isSlur(Span group) {
    Span notes = StrokeGroups.withoutGraces(group, study.notes());
    return notes.last() > notes.first();
  }

  private void join(List<Span> slurs) {
    for (Span group : study.bow().groups().groups()) {
      PlayedNote last = study.notes().get(group.last());
      Span events = new Span(firstEvent(group.first()), last.events().last());
      boolean isThere =
          slurs.stream()
              .anyMatch(s -> s.first() <= events.first() && s.last() >= last.events().first());
      if (isSlur(group) && !isThere) {
        slurs.removeIf(s -> s.first() >= events.first() && s.last() <= events.last());
        slurs.add(events);
      }
    }
  }
}
