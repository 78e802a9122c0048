package app.fret.edit;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tuplet;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.numbers.fraction.Fraction;

/** Makes a manuscript of a passage. */
final class ManuscriptReader {
  private final Passage passage;

  private ManuscriptReader(Passage passage) {
    this.passage = passage;
  }

  static Manuscript read(Passage passage) {
    return new ManuscriptReader(passage).manuscript();
  }

  private Manuscript manuscript() {
    List<Measure> measures = new ArrayList<>();
    int event = 0;
    for (int index = 0; index < passage.bars().size(); index++) {
      Bar bar = passage.bars().get(index);
      List<Item> items = new ArrayList<>();
      for (; event < passage.events().size() && passage.events().get(event).bar() == index; ) {
        items.add(Item.of(event, passage.events().get(event)));
        event++;
      }
      Clef clef = bar.clefs().get(0).clef();
      measures.add(
          new Measure(
              bar.label(),
              bar.uncounted(),
              bar.metre(),
              bar.key(),
              clef,
              bar.edges(),
              items,
              false));
    }
    return new Manuscript(
        passage.title(),
        passage.partName(),
        passage.transposition(),
        measures,
        signs(),
        passage.events().size());
  }

  private Signs signs() {
    // Without any note or rest there is nothing that a sign could hang on.
    Directions all = passage.events().isEmpty() ? Directions.NONE : passage.directions();
    return new Signs(
        passage.slurs().stream().map(s -> stretch(s, "slur")).toList(),
        passage.tuplets().stream().map(ManuscriptReader::tuplet).toList(),
        hung(all.dynamics(), Directions.Dynamic::onset, Directions.Dynamic::sign),
        hung(
            all.words(),
            Directions.Words::onset,
            (Directions.Words w) -> new Signs.Text(w.text(), w.above())),
        hung(all.tempos(), Directions.TempoMark::onset, Directions.TempoMark::tempo),
        hung(all.rehearsals(), Directions.Rehearsal::onset, Directions.Rehearsal::text),
        clefs(),
        stretches(
            all.hairpins(),
            Directions.Hairpin::from,
            Directions.Hairpin::to,
            Directions.Hairpin::growing),
        stretches(
            all.octaveShifts(),
            Directions.OctaveShift::from,
            Directions.OctaveShift::to,
            Directions.OctaveShift::octaves));
  }

  private List<AnchoredSign<Clef>> clefs() {
    List<AnchoredSign<Clef>> clefs = new ArrayList<>();
    for (Bar bar : passage.bars()) {
      for (Bar.ClefAt at : bar.clefs().subList(1, bar.clefs().size())) {
        clefs.add(new AnchoredSign<>(start(at.onset()), at.clef()));
      }
    }
    return clefs;
  }

  private static <T> SpanSign<T> stretch(Span span, T what) {
    return new SpanSign<>(Anchor.start(span.first()), Anchor.end(span.last()), what);
  }

  private static SpanSign<Signs.Group> tuplet(Tuplet tuplet) {
    return stretch(tuplet.span(), new Signs.Group(tuplet.ratio(), tuplet.bracket()));
  }

  private <D, T> List<AnchoredSign<T>> hung(
      List<D> all, Function<D, Fraction> onset, Function<D, T> what) {
    List<AnchoredSign<T>> hung = new ArrayList<>();
    for (D each : all) {
      hung.add(new AnchoredSign<>(start(onset.apply(each)), what.apply(each)));
    }
    return hung;
  }

  private <D, T> List<SpanSign<T>> stretches(
      List<D> all, Function<D, Fraction> from, Function<D, Fraction> to, Function<D, T> what) {
    List<SpanSign<T>> found = new ArrayList<>();
    for (D each : all) {
      found.add(new SpanSign<>(start(from.apply(each)), end(to.apply(each)), what.apply(each)));
    }
    return found;
  }

  /** The item that begins at a moment or is under way then: grace notes stand before it. */
  private Anchor start(Fraction moment) {
    int at = firstEndingAfter(moment);
    if (at == passage.events().size()) {
      return new Anchor(at - 1, false, moment.subtract(passage.events().get(at - 1).onset()));
    }
    return new Anchor(at, false, moment.subtract(passage.events().get(at).onset()));
  }

  /** The item that ends at a moment or is under way then. */
  private Anchor end(Fraction moment) {
    int at = firstEndingAfter(moment);
    int item = at;
    for (int i = at - 1; i >= 0; i--) {
      Event before = passage.events().get(i);
      if (before.length().signum() > 0) {
        boolean ends = before.end().equals(moment);
        item = ends || at == passage.events().size() ? i : at;
        break;
      }
    }
    return new Anchor(item, true, passage.events().get(item).end().subtract(moment));
  }

  private int firstEndingAfter(Fraction moment) {
    int low = 0;
    int high = passage.events().size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (passage.events().get(middle).end().compareTo(moment) > 0) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }
}
