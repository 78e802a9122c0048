package app.fret.engraving;

import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Which notes share a beam: those of one beat, and of half a bar or a bar where only eighths stand.
 *
 * <p>Grace notes that follow one another share one too. Source: common practice as taught in any
 * notation primer; no single source.
 */
public final class BeamGroups {
  private final Passage passage;
  private final boolean[] onlyEighths;
  private final List<Span> groups = new ArrayList<>();

  private BeamGroups(Passage passage) {
    this.passage = passage;
    this.onlyEighths = barsOfEighths(passage);
  }

  /** Groups of two and more events, by event index. */
  public static List<Span> of(Passage passage) {
    BeamGroups beams = new BeamGroups(passage);
    beams.collect();
    return List.copyOf(beams.groups);
  }

  private void collect() {
    List<Event> events = passage.events();
    int first = 0;
    for (int i = 1; i <= events.size(); i++) {
      boolean joined = i < events.size() && joined(events.get(i - 1), events.get(i), first);
      if (!joined) {
        if (i - first > 1) {
          groups.add(new Span(first, i - 1));
        }
        first = i;
      }
    }
  }

  private boolean joined(Event one, Event next, int first) {
    if (!beamable(one) || !beamable(next) || one.bar() != next.bar()) {
      return false;
    }
    boolean grace = ((Sounding) one).isGrace();
    if (grace || ((Sounding) next).isGrace()) {
      return grace && ((Sounding) next).isGrace();
    }
    return unitOf(passage.events().get(first)) == unitOf(next);
  }

  private static boolean beamable(Event event) {
    return event instanceof Sounding && event.written().value().flags() > 0;
  }

  /** Number of the beam unit of its bar that an event starts in. */
  private int unitOf(Event event) {
    Bar bar = passage.bars().get(event.bar());
    Fraction place = bar.placeInMetre(event.onset());
    Fraction end = Fraction.ZERO;
    int unit = 0;
    for (Fraction length : units(event.bar())) {
      end = end.add(length);
      if (place.compareTo(end) < 0) {
        return unit;
      }
      unit++;
    }
    return unit;
  }

  private List<Fraction> units(int bar) {
    Metre metre = passage.bars().get(bar).metre();
    List<Fraction> beats = metre.beats();
    boolean simple = metre.unit() >= 2 && metre.groups().size() == 1;
    if (metre.unit() == 2 && !onlyEighths[bar]) {
      return quarters(metre);
    }
    if (!simple || metre.unit() != 4 || !onlyEighths[bar]) {
      return beats;
    }
    if (metre.upper() == 4) {
      return List.of(Fraction.of(1, 2), Fraction.of(1, 2));
    }
    return metre.upper() <= 3 ? List.of(metre.barLength()) : beats;
  }

  private static List<Fraction> quarters(Metre metre) {
    List<Fraction> quarters = new ArrayList<>();
    for (int i = 0; i < 2 * metre.upper(); i++) {
      quarters.add(Fraction.of(1, 4));
    }
    return quarters;
  }

  /** For each bar, whether no note of it is shorter than an eighth or stands in a tuplet. */
  private static boolean[] barsOfEighths(Passage passage) {
    boolean[] only = new boolean[passage.bars().size()];
    java.util.Arrays.fill(only, true);
    for (Event event : passage.events()) {
      boolean counts = event instanceof Sounding sounding && !sounding.isGrace();
      if (counts && (event.written().value().flags() > 1 || !event.written().ratio().isNone())) {
        only[event.bar()] = false;
      }
    }
    return only;
  }
}
