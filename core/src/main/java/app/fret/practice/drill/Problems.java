package app.fret.practice.drill;

import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.trouble.BowTrouble;
import app.fret.lefthand.Shift;
import app.fret.lefthand.advice.TrillFinger;
import app.fret.reading.BeatGroups;
import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap;
import app.fret.reading.traps.Traps;
import app.fret.score.Finger;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * What is hard in a passage, from both finished plans and the page: shifts, crossings, reaches,
 * double stops, troubles of the bow, trills of weak fingers, uneven metre, places that rush, slow
 * lines and fast ones. Which drill fits is common practice, no source.
 */
public final class Problems {
  private static final double HARD_BITS = 3.5;
  private static final double VERY_HARD_BITS = 4.5;
  private static final double BITS_A_REMARK = 5;
  private static final int MOST_SHIFTS = 4;
  private static final double SECONDS_TO_SPARE = 0.8;
  private static final double WITH_TIME = 0.4;

  /** Each shift has its turn at another drill, so that a page of them is no monotony. */
  private static final List<List<DrillKind>> SHIFT_DRILLS =
      List.of(
          List.of(
              DrillKind.GUIDE_SLIDE,
              DrillKind.STOP_AND_SHIFT,
              DrillKind.THERE_AND_BACK,
              DrillKind.SCALE_WITH_SHIFT),
          List.of(DrillKind.STOP_AND_SHIFT, DrillKind.THERE_AND_BACK, DrillKind.GUIDE_SLIDE),
          List.of(DrillKind.SCALE_WITH_SHIFT, DrillKind.GUIDE_SLIDE, DrillKind.FRAME_LANDING),
          List.of(DrillKind.THERE_AND_BACK, DrillKind.FRAME_LANDING, DrillKind.GUIDE_SLIDE));

  private static final int CROSSING_WINDOW = 8;
  private static final double CROSSINGS_A_SECOND = 2.5;

  private static final double SLOW_SECONDS = 0.75;
  private static final int MOST_OF_A_KIND = 2;
  private static final int MOST_SINGLE_BETWEEN = 4;

  private static final int NOTES_BEHIND = 3;

  private final DrillSource source;
  private final List<Problem> problems = new ArrayList<>();

  private Problems(DrillSource source) {
    this.source = source;
  }

  /** The problems of a passage, hardest first. */
  public static List<Problem> of(DrillSource source) {
    Problems found = new Problems(source);
    if (source.count() > 0) {
      found.addShifts();
      found.addCrossings();
      found.addReaches();
      found.addChords();
      found.addTroubles();
      found.addTrills();
      found.addUneven();
      found.addRushing();
      found.addSlowLines();
      found.problems.addAll(RunProblems.of(source));
      found.addSpringing();
      found.problems.addAll(FigureProblems.of(source));
    }
    found.problems.sort(
        Comparator.comparingDouble((Problem p) -> -p.weight())
            .thenComparingInt(p -> p.notes().first()));
    return List.copyOf(found.problems);
  }

  private void add(Span notes, double weight, boolean capped, String words, DrillKind... drills) {
    problems.add(new Problem(notes, words, weight, List.of(drills), capped));
  }

  private static String format(String words, Object... values) {
    return String.format(Locale.ROOT, words, values);
  }

  private double seconds(int note) {
    return source.brief().timeline().lengthSeconds(note);
  }

  private void addShifts() {
    List<Shift> hard =
        source.leftHand().shifts().stream()
            .filter(s -> s.bits() >= HARD_BITS)
            .sorted(
                Comparator.comparing(Problems::hasTimeToSpare)
                    .thenComparingDouble((Shift s) -> -s.bits()))
            .limit(MOST_SHIFTS)
            .toList();
    for (int i = 0; i < hard.size(); i++) {
      Shift shift = hard.get(i);
      problems.add(
          new Problem(
              new Span(shift.fromNote(), shift.toNote()),
              format(
                  "%s from %s to %s, %.0f mm in %.2f s",
                  shift.bits() >= VERY_HARD_BITS ? "hard shift" : "shift",
                  source.top(shift.fromNote()).written().display(),
                  source.top(shift.toNote()).written().display(),
                  shift.travelMm(),
                  shift.availableSeconds()),
              shift.bits() / BITS_A_REMARK * (hasTimeToSpare(shift) ? WITH_TIME : 1),
              SHIFT_DRILLS.get(i % SHIFT_DRILLS.size()),
              isWide(shift.fromNote()) || isWide(shift.toNote())));
    }
  }

  /** Nobody hears a shift that has a second or an open string: it ranks behind all others. */
  private static boolean hasTimeToSpare(Shift shift) {
    return shift.availableSeconds() >= SECONDS_TO_SPARE || shift.toNote() > shift.fromNote() + 1;
  }

  private boolean isWide(int note) {
    return source.leftHand().advice().wideReaches().contains(note);
  }

  private void addCrossings() {
    int from = 0;
    int found = 0;
    while (from + CROSSING_WINDOW <= source.count() && found < MOST_OF_A_KIND) {
      int crossings = 0;
      double seconds = 0;
      for (int i = from; i < from + CROSSING_WINDOW; i++) {
        seconds += seconds(i);
        boolean crosses =
            i > from
                && source.placement(i).top().string() != source.placement(i - 1).top().string();
        crosses &= i > 0 && source.isPlayable(i) && source.isPlayable(i - 1);
        crossings += crosses ? 1 : 0;
      }
      double rate = seconds > 0 ? crossings / seconds : 0;
      if (rate >= CROSSINGS_A_SECOND) {
        add(
            new Span(from, from + CROSSING_WINDOW - 1),
            rate / (2 * CROSSINGS_A_SECOND),
            false,
            format("%d crossings in %.1f s, %.1f a second", crossings, seconds, rate),
            DrillKind.BOW_ALONE,
            DrillKind.LINGER_ON_BOTH,
            DrillKind.STACKED_DOUBLE_STOPS,
            DrillKind.PLANES_AT_PLACES);
        found++;
        from += CROSSING_WINDOW;
      } else {
        from++;
      }
    }
  }

  private void addReaches() {
    List<Integer> wide = source.leftHand().advice().wideReaches();
    if (wide.isEmpty()) {
      return;
    }
    int first = wide.get(0);
    double mm = wide.stream().mapToDouble(n -> source.placement(n).reachMm()).max().orElse(0);
    add(
        new Span(Math.max(0, first - 1), Math.min(source.count() - 1, first + 1)),
        1,
        true,
        format(
            "%d wide %s, at most %.0f mm past rest",
            wide.size(), wide.size() == 1 ? "reach" : "reaches", mm),
        DrillKind.LOWER_BOTH_UPPER,
        DrillKind.DOUBLED_NOTES,
        DrillKind.WITHOUT_VIBRATO);
  }

  private void addChords() {
    List<Integer> doubles = new ArrayList<>();
    List<Integer> chords = new ArrayList<>();
    for (int i = 0; i < source.count(); i++) {
      int heads = source.note(i).notes().size();
      if (source.isPlayable(i) && heads == 2) {
        doubles.add(i);
      } else if (source.isPlayable(i) && heads > 2) {
        chords.add(i);
      }
    }
    near(doubles)
        .forEach(
            group ->
                add(
                    span(group),
                    0.5 + 0.05 * group.size(),
                    group.stream().anyMatch(this::isWide),
                    group.size() == 1 ? "one double stop" : group.size() + " double stops",
                    DrillKind.LOWER_BOTH_UPPER,
                    DrillKind.VOICE_ALONE,
                    DrillKind.VOICE_AND_PEDAL,
                    DrillKind.DRONE));
    near(chords)
        .forEach(
            group ->
                add(
                    span(group),
                    0.6 + 0.05 * group.size(),
                    group.stream().anyMatch(this::isWide),
                    group.size() == 1 ? "one chord" : group.size() + " chords",
                    DrillKind.CHORD_TUNING,
                    DrillKind.VOICE_ALONE));
  }

  /** What stands together, no run of single notes between; the largest groups, in their order. */
  private static List<List<Integer>> near(List<Integer> notes) {
    List<List<Integer>> groups = new ArrayList<>();
    int last = Integer.MIN_VALUE / 2;
    for (int note : notes) {
      if (note - last > MOST_SINGLE_BETWEEN) {
        groups.add(new ArrayList<>());
      }
      groups.get(groups.size() - 1).add(note);
      last = note;
    }
    return groups.stream()
        .sorted(Comparator.comparingInt((List<Integer> g) -> -g.size()))
        .limit(MOST_OF_A_KIND)
        .toList();
  }

  private static Span span(List<Integer> notes) {
    return new Span(notes.get(0), notes.get(notes.size() - 1));
  }

  private void addTroubles() {
    source.bow().troubles().stream()
        .limit(MOST_OF_A_KIND)
        .forEach(
            (BowTrouble t) ->
                problems.add(
                    new Problem(
                        new Span(
                            source.beatAndSlurFrom(Math.max(0, t.firstNote() - 1)),
                            Math.min(source.count() - 1, t.lastNote() + 1)),
                        "bow: " + t.text(),
                        0.9,
                        against(t.kind()),
                        false)));
  }

  /** What helps depends on whether bow is short, time is short or the arm is in the wrong place. */
  private static List<DrillKind> against(BowTrouble.Kind kind) {
    return switch (kind) {
      case RUNS_OUT, SPENDS_TOO_SOON, GROWS_AT_TIP ->
          List.of(DrillKind.BOW_ALONE, DrillKind.CRESCENDO_SCALE);
      case FADES_AT_FROG -> List.of(DrillKind.BOW_ALONE, DrillKind.RECORD_AND_COMPARE);
      case WIDE_LEAP_AT_TIP -> List.of(DrillKind.PLANES_AT_PLACES, DrillKind.BOW_ALONE);
      case PLUCKED_CHANGE -> List.of(DrillKind.CLICK_OFF);
      case TOO_MANY_NOTES -> List.of(DrillKind.BOW_ALONE, DrillKind.SLUR_STOP_ACCENT);
      default -> List.of(DrillKind.BOW_ALONE, DrillKind.ACCENTED_GROUPS);
    };
  }

  private void addTrills() {
    for (TrillFinger trill : source.leftHand().advice().trills()) {
      boolean weak = trill.finger().filter(f -> f == Finger.FOURTH).isPresent();
      if (weak) {
        add(
            new Span(trill.note(), trill.note()),
            0.7,
            false,
            "trill with the fourth finger",
            DrillKind.ACCENTED_GROUPS);
      }
    }
  }

  private void addUneven() {
    List<Integer> bars = new ArrayList<>();
    for (BeatGroups groups : source.brief().reading().beatGroups()) {
      if (groups.uneven()) {
        bars.add(groups.bar());
      }
    }
    List<Integer> notes =
        source.brief().notes().stream()
            .filter(n -> !bars.isEmpty() && n.bar() == bars.get(0))
            .map(PlayedNote::number)
            .toList();
    if (!notes.isEmpty()) {
      add(
          span(notes),
          0.8,
          false,
          bars.size() == 1 ? "uneven beats in one bar" : "uneven beats in " + bars.size() + " bars",
          DrillKind.WORDS,
          DrillKind.INNER_PULSE);
    }
  }

  private void addRushing() {
    List<Trap> rushing =
        Traps.of(source.brief().reading()).stream()
            .filter(
                t ->
                    t.kind() == Trap.Kind.FAST_AFTER_LONG
                        || t.kind() == Trap.Kind.BEFORE_TEXTURE_CHANGE)
            .limit(MOST_OF_A_KIND)
            .toList();
    for (Trap trap : rushing) {
      add(
          new Span(
              source.beatAndSlurFrom(Math.max(0, trap.note() - 3)),
              source.nextBeat(trap.note() + NOTES_BEHIND)),
          0.6,
          false,
          "easily hurried",
          DrillKind.CLICK_OFF,
          DrillKind.ACCENTED_GROUPS,
          DrillKind.RECORD_AND_COMPARE,
          DrillKind.INNER_PULSE);
    }
  }

  private void addSlowLines() {
    for (Span phrase : source.brief().levels().spans()) {
      double seconds = 0;
      for (int i = phrase.first(); i <= phrase.last(); i++) {
        seconds += seconds(i);
      }
      double mean = seconds / (phrase.last() - phrase.first() + 1);
      if (mean >= SLOW_SECONDS && slowLines() < MOST_OF_A_KIND) {
        add(
            phrase,
            0.5,
            false,
            format("slow line, %.1f s a note", mean),
            DrillKind.DRONE,
            DrillKind.VIBRATO_PULSES,
            DrillKind.CRESCENDO_SCALE,
            DrillKind.WITHOUT_VIBRATO);
      }
    }
  }

  private long slowLines() {
    return problems.stream().filter(p -> p.words().startsWith("slow line")).count();
  }

  private void addSpringing() {
    source.bow().strokes().stream()
        .filter(s -> s.kind() == StrokeKind.SPRINGING_ARPEGGIO)
        .findFirst()
        .ifPresent(
            (Stroke s) ->
                add(
                    new Span(s.firstNote(), s.lastNote()),
                    0.85,
                    false,
                    "springing arpeggio",
                    DrillKind.SPRINGING_STEPS,
                    DrillKind.BOW_ALONE));
  }
}
