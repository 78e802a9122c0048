package app.fret.practice.drill;

import app.fret.practice.Ladder;
import app.fret.practice.drill.ProposedDrill.Cap;
import app.fret.reading.PlayedNote;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Which drills a passage asks for: for each problem those that fit it, the hardest problem first.
 */
public final class DrillChoice {
  private static final int MOST_FOR_A_PROBLEM = 3;
  private static final int MOST_TIMES = 4;
  private static final double MOST_SECONDS = 600;
  private static final double BETWEEN_SECONDS = 3;
  private static final int FEWEST_NOTES = 3;
  private static final double SECONDS_A_MINUTE = 60;
  private static final int MOST_PULSES_A_BEAT = 4;
  private static final double LEAST_PULSES_A_SECOND = 3;
  private static final double LEAST_SPRINGING_A_SECOND = 4;

  private final DrillSource source;
  private final Ladder ladder;
  private final List<ProposedDrill> drills = new ArrayList<>();
  private final Set<List<Object>> sounding = new HashSet<>();

  private DrillChoice(DrillSource source, Ladder ladder) {
    this.source = source;
    this.ladder = ladder;
  }

  /**
   * The drills of a passage, numbered.
   *
   * @param ladder its ladder; drills are played on its first rung, or on the first that is quick
   *     enough for what they are about
   */
  public static List<ProposedDrill> of(DrillSource source, Ladder ladder) {
    DrillChoice choice = new DrillChoice(source, ladder);
    Set<List<Object>> known = new HashSet<>();
    for (Problem problem : Problems.of(source)) {
      int taken = 0;
      for (DrillKind kind : forms(problem.drills())) {
        boolean isNew = known.add(List.of(kind, problem.notes()));
        if (taken < MOST_FOR_A_PROBLEM && isNew && choice.add(kind, problem)) {
          taken++;
        }
      }
    }
    return List.copyOf(choice.drills);
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
    double once = seconds(music.get().passage(), tempo);
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
      default -> notes.size() >= FEWEST_NOTES;
    };
  }

  /** What is heard and how it is bowed: the same twice is one exercise. */
  private static List<Object> sound(Passage music) {
    List<Object> sound = new ArrayList<>();
    PlayedNote.of(music)
        .forEach(
            n ->
                sound.add(
                    List.of(
                        n.onset(),
                        n.length(),
                        n.notes().stream().map(Note::written).toList(),
                        n.marks())));
    sound.add(music.slurs());
    return sound;
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
