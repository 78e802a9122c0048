package app.fret.edit;

import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Tuplet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.apache.commons.numbers.fraction.Fraction;

/** Makes a passage of a manuscript. */
final class ManuscriptWriter {
  private final Manuscript manuscript;
  private final PassageBuilder builder = new PassageBuilder();
  private final Map<Integer, Integer> eventOf = new HashMap<>();
  private final Map<Integer, Fraction> onsetOf = new HashMap<>();
  private final Map<Integer, Fraction> endOf = new HashMap<>();

  ManuscriptWriter(Manuscript manuscript) {
    this.manuscript = manuscript;
  }

  Passage passage() {
    List<Measure> measures = PageSigns.printed(manuscript.measures());
    Map<Integer, Clef> clefs = new HashMap<>();
    manuscript.signs().clefs().forEach(c -> clefs.put(c.at().item(), c.what()));
    measures.forEach(measure -> addBar(measure, clefs));
    addSpans();
    return builder
        .title(manuscript.title())
        .part(manuscript.partName())
        .transposition(manuscript.transposition())
        .directions(directions())
        .build();
  }

  private void addBar(Measure measure, Map<Integer, Clef> clefs) {
    builder.metre(measure.metre()).key(measure.key()).bar(measure.label());
    builder.clef(measure.clef()).edges(measure.edges());
    if (measure.uncounted()) {
      builder.uncounted();
    }
    if (measure.items().isEmpty()) {
      builder.restForWholeBar();
    }
    for (int i = 0; i < measure.items().size(); i++) {
      Item item = measure.items().get(i);
      if (clefs.containsKey(item.id()) && hasTimeLeft(measure, i)) {
        builder.clef(clefs.get(item.id()));
      }
      eventOf.put(item.id(), builder.nextEvent());
      onsetOf.put(item.id(), builder.time());
      add(item);
      endOf.put(item.id(), builder.time());
    }
  }

  /** A clef before the last grace notes would stand at the next bar line, which has its own. */
  private static boolean hasTimeLeft(Measure measure, int from) {
    return measure.items().stream().skip(from).anyMatch(i -> !i.isGrace());
  }

  private void add(Item item) {
    if (item.wholeBar()) {
      builder.restForWholeBar();
    } else if (item.isRest()) {
      builder.rest(item.written());
    } else if (item.isGrace()) {
      builder.grace(item.written(), item.grace(), item.notes(), item.marks());
    } else {
      builder.sounding(item.written(), item.notes(), item.marks());
    }
  }

  private void addSpans() {
    for (SpanSign<String> slur : manuscript.signs().slurs()) {
      int first = eventOf.get(slur.from().item());
      int last = eventOf.get(slur.to().item());
      if (first < last) {
        builder.slur(first, last);
      }
    }
    for (SpanSign<Signs.Group> tuplet : manuscript.signs().tuplets()) {
      int first = eventOf.get(tuplet.from().item());
      int last = eventOf.get(tuplet.to().item());
      if (first <= last) {
        builder.tuplet(
            new Tuplet(
                new app.fret.score.Span(first, last),
                tuplet.what().ratio(),
                tuplet.what().bracket()));
      }
    }
  }

  private Directions directions() {
    Signs signs = manuscript.signs();
    return new Directions(
        hung(signs.dynamics(), Directions.Dynamic::new, Directions.Dynamic::onset),
        stretches(signs.hairpins(), Directions.Hairpin::new, Directions.Hairpin::from),
        hung(
            signs.words(),
            (at, text) -> new Directions.Words(at, text.words(), text.above()),
            Directions.Words::onset),
        hung(signs.tempos(), Directions.TempoMark::new, Directions.TempoMark::onset),
        hung(signs.rehearsals(), Directions.Rehearsal::new, Directions.Rehearsal::onset),
        stretches(signs.octaves(), Directions.OctaveShift::new, Directions.OctaveShift::from));
  }

  private <T, D> List<D> hung(
      List<AnchoredSign<T>> all, BiFunction<Fraction, T, D> make, Function<D, Fraction> onset) {
    return all.stream()
        .map(each -> make.apply(moment(each.at()), each.what()))
        .sorted(Comparator.comparing(onset))
        .toList();
  }

  /** What a direction with two ends is made of. */
  private interface Reaching<T, D> {
    D of(Fraction from, Fraction to, T what);
  }

  private <T, D> List<D> stretches(
      List<SpanSign<T>> all, Reaching<T, D> make, Function<D, Fraction> onset) {
    List<D> made = new ArrayList<>();
    for (SpanSign<T> each : all) {
      Fraction from = moment(each.from());
      Fraction to = moment(each.to());
      if (from.compareTo(to) < 0) {
        made.add(make.of(from, to, each.what()));
      }
    }
    made.sort(Comparator.comparing(onset));
    return made;
  }

  private Fraction moment(Anchor anchor) {
    return anchor.atEnd()
        ? endOf.get(anchor.item()).subtract(anchor.offset())
        : onsetOf.get(anchor.item()).add(anchor.offset());
  }
}
