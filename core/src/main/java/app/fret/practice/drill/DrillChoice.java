package app.fret.practice.drill;

import app.fret.practice.Ladder;
import app.fret.practice.drill.ProposedDrill.Cap;
import app.fret.reading.PlayedNote;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.PlayOrder;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Which drills a passage asks for: for each problem those that fit it, the hardest problem first.
 */
public final class DrillChoice {
  private static final int MOST_FOR_A_PROBLEM = 3;
  private static final int MOST_TIMES = 4;
  private static final double MOST_SECONDS = 300;
  private static final double BETWEEN_SECONDS = 3;
  private static final int FEWEST_NOTES = 3;
  private static final double SECONDS_A_MINUTE = 60;
  private static final int MOST_PULSES_A_BEAT = 4;
  private static final double LEAST_PULSES_A_SECOND = 3;
  private static final double LEAST_SPRINGING_A_SECOND = 4;
  private static final double LEAST_SECONDS_OF_VIBRATO = 0.3;

  private final DrillSource source;
  private final List<ProposedDrill> drills = new ArrayList<>();
  private final Set<List<Object>> sounding = new HashSet<>();
  private final Map<DrillKind, Integer> often = new EnumMap<>(DrillKind.class);

  private DrillChoice(DrillSource source) {
    this.source = source;
  }

  /**
   * The drills of a passage, numbered: for each problem the likeliest, then those that have had the
   * fewest turns. They are played on the first rung, or on the first that is quick enough for what
   * they are about.
   */
  public static List<ProposedDrill> of(DrillSource source) {
    DrillChoice choice = new DrillChoice(source);
    for (Problem problem : Problems.of(source)) {
      List<DrillKind> kinds = new ArrayList<>(forms(problem.drills()));
      if (kinds.size() > MOST_FOR_A_PROBLEM) {
        kinds
            .subList(1, kinds.size())
            .sort(Comparator.comparingInt(k -> choice.often.getOrDefault(k, 0)));
      }
      choice.add(problem, kinds, MOST_FOR_A_PROBLEM);
    }
    return List.copyOf(choice.drills);
  }

  /**
   * All drills that some notes have something for, whatever the passage asks for: those of the
   * problems among them first.
   */
  public static List<ProposedDrill> of(DrillSource source, Span notes) {
    DrillChoice choice = new DrillChoice(source);
    Set<DrillKind> kinds = new LinkedHashSet<>();
    Problems.of(source).stream()
        .filter(p -> p.notes().first() <= notes.last() && p.notes().last() >= notes.first())
        .forEach(p -> kinds.addAll(forms(p.drills())));
    kinds.addAll(List.of(DrillKind.values()));
    boolean isCapped = source.leftHand().advice().wideReaches().stream().anyMatch(notes::holds);
    Problem chosen = new Problem(notes, "chosen notes", 1, List.copyOf(kinds), isCapped);
    choice.add(chosen, chosen.drills(), kinds.size());
    return List.copyOf(choice.drills);
  }

  /** The drills of a problem that its notes have music for, the likeliest first. */
  public static List<ProposedDrill> fitting(DrillSource source, Problem problem) {
    DrillChoice choice = new DrillChoice(source);
    choice.add(problem, forms(problem.drills()), Integer.MAX_VALUE);
    return List.copyOf(choice.drills);
  }

  private void add(Problem problem, List<DrillKind> kinds, int most) {
    int taken = 0;
    for (DrillKind kind : kinds) {
      if (taken < most && add(kind, problem)) {
        often.merge(kind, 1, Integer::sum);
        taken++;
      }
    }
  }

  /** The slide has three forms; they come one behind the other. */
  private static List<DrillKind> forms(List<DrillKind> kinds) {
    List<DrillKind> forms = new ArrayList<>();
    for (DrillKind kind : kinds) {
      if (kind == DrillKind.GUIDE_SLIDE) {
        forms.add(DrillKind.GUIDE_AND_BACK);
        forms.add(DrillKind.GUIDE_SLIDE);
        forms.add(DrillKind.GUIDE_SILENT);
      } else {
        forms.add(kind);
      }
    }
    return forms;
  }

  private boolean add(DrillKind kind, Problem problem) {
    Optional<DrillMusic> music = kind.make(source, problem.notes());
    Optional<Tempo> slowest = music.flatMap(m -> slowest(kind, m.passage()));
    if (slowest.isEmpty() || !sounding.add(sound(music.get().passage()))) {
      return false;
    }
    Tempo tempo = slowest.get();
    double once =
        kind == DrillKind.WHOLE_CLIMB
            ? climb(music.get().passage())
            : seconds(music.get().passage(), tempo);
    int most = problem.isCapped() ? Cap.USUAL.inARow() : MOST_TIMES;
    int times = (int) Math.max(1, Math.min(most, Math.floor(MOST_SECONDS / once)));
    drills.add(
        new ProposedDrill(
            drills.size() + 1,
            kind,
            problem.notes(),
            where(problem.notes()) + ": " + problem.words(),
            times,
            Math.min(MOST_SECONDS, times * once),
            tempo.perMinute(),
            problem.isCapped() ? Optional.of(Cap.USUAL) : Optional.empty()));
    return true;
  }

  /** The first rung on which it is an exercise; empty where it is none on any. */
  private Optional<Tempo> slowest(DrillKind kind, Passage music) {
    Ladder ladder = source.ladder();
    return IntStream.range(0, ladder.rungs().size())
        .mapToObj(ladder::tempo)
        .filter(tempo -> isWorthIt(kind, music, tempo))
        .findFirst();
  }

  /** What is too short to be an exercise, or too slow to be what its name says, is none. */
  private static boolean isWorthIt(DrillKind kind, Passage music, Tempo tempo) {
    List<PlayedNote> notes = PlayedNote.of(music);
    double beats = tempo.perMinute() / SECONDS_A_MINUTE;
    return switch (kind) {
      case VIBRATO_PULSES -> MOST_PULSES_A_BEAT * beats >= LEAST_PULSES_A_SECOND;
      case SPRINGING_STEPS ->
          notes.stream().anyMatch(n -> 1 / tempo.seconds(n.length()) >= LEAST_SPRINGING_A_SECOND);
        // What goes by in less has no time for a vibrato to be left out or put back.
      case WITHOUT_VIBRATO ->
          notes.size() >= FEWEST_NOTES
              && notes.stream()
                  .allMatch(n -> tempo.seconds(n.length()) >= LEAST_SECONDS_OF_VIBRATO);
      default -> notes.size() >= FEWEST_NOTES;
    };
  }

  /** What is heard and how it is bowed: the same twice is one exercise. */
  private static List<Object> sound(Passage music) {
    List<Object> sound = new ArrayList<>();
    List<PlayedNote> notes = PlayedNote.of(music);
    notes.forEach(
        n ->
            sound.add(
                List.of(
                    n.onset().subtract(notes.get(0).onset()),
                    n.length(),
                    n.notes().stream().map(Note::written).toList(),
                    n.marks())));
    int first = notes.get(0).events().first();
    music.slurs().forEach(s -> sound.add(List.of(s.first() - first, s.last() - first)));
    return sound;
  }

  /** Seconds of a climb, which has tempos of its own. */
  private static double climb(Passage music) {
    return PlayOrder.seconds(music, tempos(music)) + BETWEEN_SECONDS;
  }

  private static TempoMap tempos(Passage music) {
    return new TempoMap(
        music.directions().tempos().stream()
            .map(m -> new TempoMap.Change(m.onset(), m.tempo()))
            .toList());
  }

  /** Seconds of a drill at a tempo, with the moment before it is played again. */
  public static double seconds(Passage music, Tempo tempo) {
    return tempo.seconds(music.length()) + BETWEEN_SECONDS;
  }

  private String where(Span notes) {
    String first = source.bar(notes.first()).label();
    String last = source.bar(notes.last()).label();
    return first.equals(last) ? "bar " + first : "bars " + first + " to " + last;
  }
}
