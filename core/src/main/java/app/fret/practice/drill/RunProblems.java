package app.fret.practice.drill;

import app.fret.score.Marks;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;

/**
 * Runs of quick notes: which of a page are the hardest, where each begins and lands, and in which
 * parts a long one is built up. Which drill fits is common practice, no source.
 */
final class RunProblems {
  private static final double FAST_NOTES_A_SECOND = 4;
  private static final int FAST_RUN = 8;
  private static final int MOST_RUNS = 3;
  private static final int CHUNK = 16;

  /** A run up to so many notes is built up whole, a longer one by its first and its last part. */
  private static final int WHOLE = 28;

  private static final List<DrillKind> FROM_THE_END =
      List.of(DrillKind.CHAIN_BACK, DrillKind.LAST_FIRST);

  private static final List<List<DrillKind>> RUN_DRILLS =
      List.of(
          List.of(
              DrillKind.RHYTHM,
              DrillKind.CHAIN_FORWARD,
              DrillKind.CHAIN_BACK,
              DrillKind.DOUBLED_NOTES,
              DrillKind.JOINT,
              DrillKind.ACCENTED_GROUPS,
              DrillKind.LAST_FIRST),
          List.of(
              DrillKind.RHYTHM,
              DrillKind.LAST_FIRST,
              DrillKind.JOINT,
              DrillKind.ACCENTED_GROUPS,
              DrillKind.DOUBLED_NOTES,
              DrillKind.CHAIN_BACK,
              DrillKind.CHAIN_FORWARD));

  private final DrillSource source;
  private final List<Problem> problems = new ArrayList<>();

  private RunProblems(DrillSource source) {
    this.source = source;
  }

  static List<Problem> of(DrillSource source) {
    RunProblems found = new RunProblems(source);
    found.addHardest();
    return found.problems;
  }

  private void add(Span notes, double weight, String words, DrillKind... drills) {
    problems.add(new Problem(notes, words, weight, List.of(drills), false));
  }

  private double seconds(int note) {
    return source.brief().timeline().lengthSeconds(note);
  }

  /** The hardest runs, in their order: of a page of them not merely those that come first. */
  private void addHardest() {
    List<Span> runs = new ArrayList<>();
    int from = 0;
    for (int i = 0; i <= source.count(); i++) {
      if (i < source.count() && isFast(i)) {
        continue;
      }
      if (i - from >= FAST_RUN) {
        runs.add(new Span(onBeat(from, i - 1), i - 1));
      }
      from = i + 1;
    }
    List<Span> hardest =
        runs.stream()
            .sorted(Comparator.comparingDouble((Span r) -> -hardness(r)))
            .limit(MOST_RUNS)
            .sorted(Comparator.comparingInt(Span::first))
            .toList();
    for (int i = 0; i < hardest.size(); i++) {
      addRun(hardest.get(i).first(), hardest.get(i).last(), RUN_DRILLS.get(i % RUN_DRILLS.size()));
    }
  }

  /**
   * The short note of a dotted pair before a run is none of it: the run begins with the beat behind
   * it.
   */
  private int onBeat(int first, int last) {
    boolean isTail =
        first > 0
            && !source.beginsBeat(first)
            && source.beginsBeat(first + 1)
            && last - first >= FAST_RUN
            && seconds(first - 1) >= 2 * seconds(first);
    return isTail ? first + 1 : first;
  }

  /** Notes that are quick weigh, and shifts among them double. */
  private double hardness(Span run) {
    long shifts =
        source.leftHand().shifts().stream()
            .filter(s -> run.holds(s.fromNote()) && run.holds(s.toNote()))
            .count();
    int notes = run.last() - run.first() + 1;
    return (Math.min(notes, CHUNK) + FAST_RUN * shifts) / seconds(run.first());
  }

  private boolean isFast(int note) {
    return source.isPlayable(note)
        && seconds(note) > 0
        && 1 / seconds(note) >= FAST_NOTES_A_SECOND
        && !source.note(note).marks().ornaments().contains(Marks.Ornament.TRILL);
  }

  /** A run goes to the note it lands on; a long one is chained in parts, its rhythms go through. */
  private void addRun(int first, int last, List<DrillKind> drills) {
    boolean lands =
        last + 1 < source.count()
            && source.isPlayable(last + 1)
            && !source.note(last + 1).isGrace()
            && source.silenceBefore(last + 1).signum() == 0;
    int to = lands ? last + 1 : last;
    String words =
        String.format(
            Locale.ROOT, "%d notes at %.1f a second", last - first + 1, 1 / seconds(first));
    if (last - first < WHOLE) {
      add(new Span(first, to), 0.75, words, drills.toArray(DrillKind[]::new));
      return;
    }
    add(new Span(first, to), 0.75, words, drills.get(0));
    List<DrillKind> ofParts = drills.subList(1, drills.size());
    String part = "part of " + words;
    int firstEnd = beatFrom(first + CHUNK);
    addPart(new Span(first, firstEnd), part, ofParts, kind -> !FROM_THE_END.contains(kind));
    addPart(new Span(beatFrom(last - CHUNK), to), part, ofParts, FROM_THE_END::contains);
  }

  private void addPart(
      Span part, String words, List<DrillKind> drills, Predicate<DrillKind> kinds) {
    add(part, 0.74, words, drills.stream().filter(kinds).toArray(DrillKind[]::new));
  }

  /** The beat that begins at a note or next behind it. */
  private int beatFrom(int note) {
    return source.beginsBeat(note) ? note : source.nextBeat(note + 1);
  }
}
