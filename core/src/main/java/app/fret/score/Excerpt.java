package app.fret.score;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Cuts a run of bars out of a passage.
 *
 * <p>Times and event numbers start anew at the cut. Slurs, tuplets, wedges and octave lines that
 * cross an edge are shortened to the cut; ties that cross it are let go; the tempo mark and the
 * dynamic in force before the cut are carried to its start.
 */
public final class Excerpt {
  private final Passage source;
  private final int firstBar;
  private final int lastBar;
  private final Fraction start;
  private final Fraction end;

  private Excerpt(Passage source, int firstBar, int lastBar) {
    this.source = source;
    this.firstBar = firstBar;
    this.lastBar = lastBar;
    this.start = source.bars().get(firstBar).onset();
    this.end = source.bars().get(lastBar).end();
  }

  /**
   * Cuts by bar index.
   *
   * @param source the longer passage
   * @param firstBar index of the first bar kept, from 0
   * @param lastBar index of the last bar kept
   * @throws IllegalArgumentException when the bars are not there
   */
  public static Passage cut(Passage source, int firstBar, int lastBar) {
    if (firstBar < 0 || lastBar < firstBar || lastBar >= source.bars().size()) {
      throw new IllegalArgumentException(
          "bars " + firstBar + " to " + lastBar + " of " + source.bars().size());
    }
    return new Excerpt(source, firstBar, lastBar).cut();
  }

  private Passage cut() {
    int firstEvent = 0;
    while (firstEvent < source.events().size()
        && source.events().get(firstEvent).bar() < firstBar) {
      firstEvent++;
    }
    int afterLast = firstEvent;
    while (afterLast < source.events().size() && source.events().get(afterLast).bar() <= lastBar) {
      afterLast++;
    }
    Span kept = new Span(firstEvent, Math.max(firstEvent, afterLast - 1));
    boolean empty = afterLast == firstEvent;
    return new Passage(
        source.title(),
        source.partName(),
        bars(),
        empty ? List.of() : events(kept),
        empty ? List.of() : spans(source.slurs(), kept, Function.identity(), (s, n) -> n),
        empty
            ? List.of()
            : spans(
                source.tuplets(),
                kept,
                Tuplet::span,
                (t, n) -> new Tuplet(n, t.ratio(), t.bracket())),
        directions(),
        source.transposition());
  }

  private List<Bar> bars() {
    return source.bars().subList(firstBar, lastBar + 1).stream().map(this::moved).toList();
  }

  private Bar moved(Bar bar) {
    return new Bar(
        bar.label(),
        bar.uncounted(),
        bar.onset().subtract(start),
        bar.length(),
        bar.metre(),
        bar.key(),
        bar.clefs().stream().map(c -> new Bar.ClefAt(c.onset().subtract(start), c.clef())).toList(),
        bar.edges());
  }

  private List<Event> events(Span kept) {
    List<Event> events = new ArrayList<>();
    for (int i = kept.first(); i <= kept.last(); i++) {
      events.add(moved(source.events().get(i), i == kept.first(), i == kept.last()));
    }
    return events;
  }

  private Event moved(Event event, boolean first, boolean last) {
    Fraction onset = event.onset().subtract(start);
    int bar = event.bar() - firstBar;
    if (event instanceof Rest rest) {
      return new Rest(bar, onset, rest.length(), rest.written(), rest.wholeBar());
    }
    Sounding sounding = (Sounding) event;
    List<Note> notes =
        sounding.notes().stream()
            .map(n -> n.withTies(n.tiedFrom() && !first, n.tiedTo() && !last))
            .toList();
    return new Sounding(
        bar,
        onset,
        sounding.length(),
        sounding.written(),
        sounding.grace(),
        notes,
        sounding.marks());
  }

  private interface Shortened<T> {
    T over(T whole, Span span);
  }

  private static <T> List<T> spans(
      List<T> all, Span kept, Function<T, Span> spanOf, Shortened<T> shortened) {
    List<T> inside = new ArrayList<>();
    for (T one : all) {
      Span span = spanOf.apply(one);
      int first = Math.max(span.first(), kept.first());
      int last = Math.min(span.last(), kept.last());
      if (first < last || (first == last && span.first() == span.last())) {
        inside.add(shortened.over(one, new Span(first - kept.first(), last - kept.first())));
      }
    }
    return inside;
  }

  private Directions directions() {
    Directions all = source.directions();
    return new Directions(
        carried(
            all.dynamics(),
            Directions.Dynamic::onset,
            (d, t) -> new Directions.Dynamic(t, d.sign())),
        all.hairpins().stream()
            .filter(h -> h.from().compareTo(end) < 0 && h.to().compareTo(start) > 0)
            .map(h -> new Directions.Hairpin(clamp(h.from()), clamp(h.to()), h.growing()))
            .toList(),
        all.words().stream()
            .filter(w -> inside(w.onset()))
            .map(w -> new Directions.Words(w.onset().subtract(start), w.text(), w.above()))
            .toList(),
        carried(
            all.tempos(),
            Directions.TempoMark::onset,
            (m, t) -> new Directions.TempoMark(t, m.tempo())),
        all.rehearsals().stream()
            .filter(r -> inside(r.onset()))
            .map(r -> new Directions.Rehearsal(r.onset().subtract(start), r.text()))
            .toList(),
        all.octaveShifts().stream()
            .filter(o -> o.from().compareTo(end) < 0 && o.to().compareTo(start) > 0)
            .map(o -> new Directions.OctaveShift(clamp(o.from()), clamp(o.to()), o.octaves()))
            .toList());
  }

  private interface At<T> {
    T at(T mark, Fraction onset);
  }

  /** Marks inside the cut, led by the one in force at its start if none stands there. */
  private <T> List<T> carried(List<T> marks, Function<T, Fraction> onsetOf, At<T> at) {
    List<T> kept = new ArrayList<>();
    for (T mark : marks) {
      Fraction onset = onsetOf.apply(mark);
      if (onset.compareTo(start) <= 0) {
        kept.clear();
        kept.add(at.at(mark, Fraction.ZERO));
      } else if (onset.compareTo(end) < 0) {
        kept.add(at.at(mark, onset.subtract(start)));
      }
    }
    return kept;
  }

  private boolean inside(Fraction onset) {
    return onset.compareTo(start) >= 0 && onset.compareTo(end) < 0;
  }

  private Fraction clamp(Fraction onset) {
    Fraction late = onset.compareTo(start) < 0 ? start : onset;
    return (late.compareTo(end) > 0 ? end : late).subtract(start);
  }
}
