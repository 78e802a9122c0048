package app.fret.edit;

import app.fret.score.BarAccidentals;
import app.fret.score.Note;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Ties and accidentals of bars that were edited, so that the page says what is meant. Bars that
 * were not touched keep theirs as they were printed.
 */
final class PageSigns {
  private PageSigns() {}

  /** The bars with their ties made whole and with the accidentals that a reader needs. */
  static List<Measure> printed(List<Measure> measures) {
    List<Measure> printed = new ArrayList<>();
    for (Measure measure : tied(measures)) {
      printed.add(measure.touched() ? withAccidentals(measure) : measure);
    }
    return printed;
  }

  private static List<Measure> tied(List<Measure> measures) {
    List<Measure> tied = new ArrayList<>();
    Optional<Item> before = Optional.empty();
    boolean touchedBefore = false;
    for (int m = 0; m < measures.size(); m++) {
      Measure measure = measures.get(m);
      List<Item> items = new ArrayList<>();
      for (int i = 0; i < measure.items().size(); i++) {
        Item item = measure.items().get(i);
        boolean last = i + 1 == measure.items().size();
        boolean nextTouched = last && m + 1 < measures.size() && measures.get(m + 1).touched();
        boolean anew = measure.touched() || touchedBefore || nextTouched;
        Item now = anew ? tied(item, before, next(measures, m, i)) : item;
        items.add(now);
        before = item.isGrace() ? before : Optional.of(now);
        touchedBefore = measure.touched();
      }
      boolean same = items.equals(measure.items());
      tied.add(same ? measure : withTies(measure, items));
    }
    return tied;
  }

  private static Measure withTies(Measure measure, List<Item> items) {
    Measure now = measure.withItems(items);
    return new Measure(
        now.label(),
        now.uncounted(),
        now.metre(),
        now.key(),
        now.clef(),
        now.edges(),
        now.items(),
        measure.touched());
  }

  private static Optional<Item> next(List<Measure> measures, int measure, int index) {
    int m = measure;
    int i = index + 1;
    while (m < measures.size()) {
      List<Item> items = measures.get(m).items();
      if (items.isEmpty() && m > measure) {
        return Optional.empty();
      }
      for (; i < items.size(); i++) {
        if (!items.get(i).isGrace()) {
          return Optional.of(items.get(i));
        }
      }
      m++;
      i = 0;
    }
    return Optional.empty();
  }

  private static Item tied(Item item, Optional<Item> before, Optional<Item> next) {
    if (item.isGrace() || item.isRest()) {
      return item;
    }
    List<Note> heads = new ArrayList<>();
    for (Note head : item.notes()) {
      boolean from = before.stream().flatMap(b -> b.notes().stream()).anyMatch(b -> ties(b, head));
      boolean to = head.tiedTo() && next.stream().anyMatch(n -> holds(n, head));
      heads.add(head.withTies(from, to));
    }
    return item.withNotes(heads);
  }

  private static boolean ties(Note before, Note head) {
    return before.tiedTo() && before.written().equals(head.written());
  }

  private static boolean holds(Item next, Note head) {
    return next.notes().stream().anyMatch(n -> n.written().equals(head.written()));
  }

  /** Keeps a sign that is printed and says the same, and adds one where the page would lie. */
  private static Measure withAccidentals(Measure measure) {
    BarAccidentals accidentals = new BarAccidentals(measure.key());
    List<Item> items = new ArrayList<>();
    for (Item item : measure.items()) {
      List<Note> heads = new ArrayList<>();
      for (Note head : item.notes()) {
        int alter = head.written().alter();
        Note honest = head.withAccidental(head.accidental().filter(a -> a.kind().alter() == alter));
        heads.add(honest.withAccidental(accidentals.next(honest)));
      }
      items.add(item.isRest() ? item : item.withNotes(heads));
    }
    return measure.withItems(items);
  }
}
