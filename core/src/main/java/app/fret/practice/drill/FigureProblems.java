package app.fret.practice.drill;

import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.reading.traps.TripletRule;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What is hard in the figures of a page, whatever the hands do: tunes beside a pedal, notes held
 * over the beat, several notes in one bow, tremolo, sudden levels. Which drill fits is common
 * practice, no source.
 */
final class FigureProblems {
  private static final int MOST_OF_A_KIND = 2;
  private static final int MOST_NOTES = 16;

  /** What comes before and after the note where the level jumps. */
  private static final int NOTES_BEFORE = 3;

  private static final int NOTES_BEHIND = 3;

  private final DrillSource source;
  private final List<Problem> problems = new ArrayList<>();

  private FigureProblems(DrillSource source) {
    this.source = source;
  }

  static List<Problem> of(DrillSource source) {
    FigureProblems found = new FigureProblems(source);
    found.addBroughtOut();
    found.addPedals();
    found.addSyncopations();
    found.addTriplets();
    found.addOneBows();
    found.addTremolos();
    found.addSuddenLevels();
    return found.problems;
  }

  private void add(Span notes, double weight, String words, DrillKind... drills) {
    problems.add(new Problem(notes, words, weight, List.of(drills), false));
  }

  /** Notes that the player wants heard, with what leads to them. */
  private void addBroughtOut() {
    int from = 0;
    int found = 0;
    while (from < source.count() && found < MOST_OF_A_KIND) {
      int last = -1;
      for (int n = from; n < source.count() && n < from + MOST_NOTES; n++) {
        last = source.brief().levels().isBroughtOut(n) ? n : last;
      }
      if (source.brief().levels().isBroughtOut(from)) {
        int to = Math.min(source.count() - 1, last + NOTES_BEHIND);
        add(
            new Span(source.beatAndSlurFrom(Math.max(0, from - NOTES_BEFORE)), to),
            0.9,
            "notes to bring out",
            DrillKind.ACCENTED_GROUPS,
            DrillKind.BOW_ALONE);
        found++;
        from = to;
      }
      from++;
    }
  }

  /** A tune beside a note that comes back: the tune first. */
  private void addPedals() {
    PedalTune.of(source).stream()
        .limit(MOST_OF_A_KIND)
        .forEach(
            p ->
                add(
                    p.notes(),
                    0.8,
                    "a tune beside the " + p.pedal().display(),
                    DrillKind.VOICE_ALONE,
                    DrillKind.VOICE_AND_PEDAL,
                    DrillKind.BOW_ALONE));
  }

  /** Triplets beside even notes: the beat is counted inside, then the click falls silent. */
  private void addTriplets() {
    TripletRule.changes(source.brief().notes()).stream()
        .limit(MOST_OF_A_KIND)
        .forEach(
            note -> {
              int first = source.beatAndSlurFrom(Math.max(0, note - 2));
              int last = Math.min(source.count() - 1, note + NOTES_BEHIND);
              add(
                  new Span(first, last),
                  0.6,
                  "triplets beside even notes",
                  DrillKind.INNER_PULSE,
                  DrillKind.CLICK_OFF);
            });
  }

  private void addSyncopations() {
    int from = 0;
    int found = 0;
    while (from < source.count() && found < MOST_OF_A_KIND) {
      int last = lastSyncopated(from);
      if (last > from) {
        int to = Math.min(source.count() - 1, last + 1);
        add(
            new Span(source.beatAndSlurFrom(from), to),
            0.65,
            "notes held over the beat",
            DrillKind.SYNCOPATION,
            DrillKind.INNER_PULSE,
            DrillKind.CLICK_OFF);
        found++;
      }
      from = Math.max(from, last) + 1;
    }
  }

  /** The last of the syncopations that follow each other, at most a beat of others between. */
  private int lastSyncopated(int first) {
    int last = SyncopationDrill.isSyncopated(source, first) ? first : -1;
    for (int note = first + 1; last >= 0 && note <= last + 2 && note < source.count(); note++) {
      last = SyncopationDrill.isSyncopated(source, note) ? note : last;
    }
    return last;
  }

  private void addOneBows() {
    addStrokes(StrokeKind.HOOKED, "hooked notes", DrillKind.HOOKED_DOTS);
    addStrokes(StrokeKind.STACCATO, "separate notes in one bow", DrillKind.ONE_BOW_STACCATO);
  }

  /** The first strokes of a kind that follow each other, the note they lead to included. */
  private void addStrokes(StrokeKind kind, String words, DrillKind drill) {
    List<Stroke> strokes = source.bow().strokes();
    int first = 0;
    while (first < strokes.size() && strokes.get(first).kind() != kind) {
      first++;
    }
    int last = first;
    while (last + 1 < strokes.size()
        && strokes.get(last + 1).kind() == kind
        && strokes.get(last + 1).lastNote() - strokes.get(first).firstNote() < MOST_NOTES) {
      last++;
    }
    if (first < strokes.size()) {
      int to = Math.min(source.count() - 1, strokes.get(last).lastNote() + 1);
      add(new Span(strokes.get(first).firstNote(), to), 0.7, words, drill, DrillKind.BOW_ALONE);
    }
  }

  private void addTremolos() {
    IntStream.range(0, source.count())
        .filter(n -> TremoloDrill.isTremolo(source, n))
        .limit(1)
        .forEach(n -> add(new Span(n, n), 0.7, "tremolo", DrillKind.TREMOLO));
  }

  private void addSuddenLevels() {
    IntStream.range(0, source.count())
        .filter(n -> LevelDrill.isSudden(source, n))
        .limit(MOST_OF_A_KIND)
        .forEach(
            n ->
                add(
                    new Span(
                        source.beatAndSlurFrom(Math.max(0, n - NOTES_BEFORE)),
                        Math.min(source.count() - 1, n + NOTES_BEHIND)),
                    0.55,
                    "the level changes suddenly",
                    DrillKind.SUDDEN_LEVEL,
                    DrillKind.RECORD_AND_COMPARE));
  }
}
