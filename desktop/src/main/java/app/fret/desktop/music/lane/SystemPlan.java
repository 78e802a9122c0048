package app.fret.desktop.music.lane;

import app.fret.engraving.Engraving;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Shift;
import app.fret.study.PositionRun;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What of a plan stands on one system: its notes with their places, and the shifts and positions of
 * the study, looked up once for all systems.
 *
 * @param study the study
 * @param system the system
 * @param seen its notes, in order of time
 * @param shiftsInto shifts of the whole study by the note they lead to
 * @param runs positions of the whole study
 */
public record SystemPlan(
    Study study,
    Engraving.System system,
    List<Seen> seen,
    Map<Integer, Shift> shiftsInto,
    List<PositionRun> runs) {

  /** One note on the system, from its first head to the end of its last tied one there. */
  public record Seen(NotePlan plan, Engraving.NotePlace place) {
    /** Number of the note. */
    public int number() {
      return plan.note().number();
    }
  }

  /** The plans of all systems of an engraving. */
  public static List<SystemPlan> of(Study study, Engraving engraving) {
    Map<Integer, Shift> shifts = new HashMap<>();
    study.leftHand().shifts().forEach(s -> shifts.put(s.toNote(), s));
    List<PositionRun> runs = PositionRun.of(study.leftHand());
    List<SystemPlan> plans = new ArrayList<>();
    for (Engraving.System system : engraving.systems()) {
      plans.add(new SystemPlan(study, system, seen(study, system), shifts, runs));
    }
    return plans;
  }

  private static List<Seen> seen(Study study, Engraving.System system) {
    List<Seen> seen = new ArrayList<>();
    for (NotePlan plan : study.leftHand().notes()) {
      system
          .placeOf(plan.note().events().first())
          .ifPresent(place -> seen.add(new Seen(plan, whole(plan, place, system))));
    }
    return seen;
  }

  private static Engraving.NotePlace whole(
      NotePlan plan, Engraving.NotePlace first, Engraving.System system) {
    double until = first.until();
    int lastEvent = plan.note().events().last();
    for (int event = plan.note().events().first(); event <= lastEvent; event++) {
      until = system.placeOf(event).map(Engraving.NotePlace::until).orElse(until);
    }
    return new Engraving.NotePlace(
        first.event(), first.x(), first.width(), until, first.top(), first.bottom());
  }

  /** Whether a note stands on the system. */
  public boolean shows(int note) {
    return !seen.isEmpty()
        && note >= seen.get(0).number()
        && note <= seen.get(seen.size() - 1).number();
  }

  /** The note of this number, which stands on the system. */
  public Seen note(int number) {
    return seen.get(number - seen.get(0).number());
  }

  /** Where a moment of a bar on this system lies, in staff spaces: at its note, or between two. */
  public double x(int bar, Fraction onset) {
    Engraving.BarPlace place = bar(bar).orElseThrow();
    double before = place.x();
    Fraction beforeOnset = study.passage().bars().get(bar).onset();
    for (int event : eventsOf(bar)) {
      Fraction at = study.passage().events().get(event).onset();
      double x = system.placeOf(event).map(Engraving.NotePlace::x).orElse(before);
      int order = at.compareTo(onset);
      if (order == 0) {
        return x;
      }
      if (order > 0) {
        return between(before, beforeOnset, x, at, onset);
      }
      before = x;
      beforeOnset = at;
    }
    Fraction end = study.passage().bars().get(bar).end();
    return onset.compareTo(end) >= 0
        ? place.until()
        : between(before, beforeOnset, place.until(), end, onset);
  }

  private static double between(double x1, Fraction t1, double x2, Fraction t2, Fraction t) {
    double whole = t2.subtract(t1).doubleValue();
    return whole == 0 ? x1 : x1 + (x2 - x1) * t.subtract(t1).doubleValue() / whole;
  }

  /** The place of a bar; empty where it is on another system, or drawn as part of a long rest. */
  public Optional<Engraving.BarPlace> bar(int bar) {
    return system.bars().stream().filter(b -> b.bar() == bar).findFirst();
  }

  private List<Integer> eventsOf(int bar) {
    return Stream.concat(system.notes().stream(), system.rests().stream())
        .map(Engraving.NotePlace::event)
        .filter(e -> study.passage().events().get(e).bar() == bar)
        .sorted()
        .toList();
  }
}
