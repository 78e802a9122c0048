package app.fret.study;

import app.fret.practice.drill.DrillChoice;
import app.fret.practice.drill.DrillKind;
import app.fret.practice.drill.Problem;
import app.fret.practice.drill.Problems;
import app.fret.practice.drill.ProposedDrill;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Spot;
import app.fret.practice.schedule.Tried;
import app.fret.practice.trial.TrialPlan;
import app.fret.reading.PlayedNote;
import app.fret.score.PlayOrder;
import app.fret.score.Span;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** A passage as the schedule sees it: how long it takes, where it is hard and what fits there. */
public final class ProgrammeItem {
  private static final int MOST_SPOTS = 8;
  private static final int NOTES_BESIDE = 2;

  private ProgrammeItem() {}

  /**
   * The item of a passage.
   *
   * @param id its name in logs
   * @param title its name for the player
   * @param due day it is for
   */
  public static Item of(String id, String title, Study study, Optional<LocalDate> due) {
    Optional<Tried> trial = study.choices().practice().trial().map(t -> tried(study, t));
    return of(id, title, study.choices(), hardPlaces(study), due, trial);
  }

  /**
   * The item of a passage of which no trial is under way and whose hard places are known.
   *
   * @param choices what was decided of it
   * @param places what {@link #hardPlaces} said of it under these choices
   */
  public static Item of(
      String id, String title, Choices choices, HardPlaces places, Optional<LocalDate> due) {
    return of(id, title, choices, places, due, Optional.empty());
  }

  private static Item of(
      String id,
      String title,
      Choices choices,
      HardPlaces places,
      Optional<LocalDate> due,
      Optional<Tried> trial) {
    return new Item(
        id,
        title,
        Item.Kind.PASSAGE,
        choices.target(),
        choices.practice().cleanPerMinute().orElse(choices.target().perMinute() / 2),
        choices.practice().gate(),
        due,
        places.passSeconds(),
        places.chunkSeconds(),
        places.chunkWords(),
        0,
        places.spots(),
        trial);
  }

  /**
   * What the music and its plan say of an item: all that takes long to work out.
   *
   * @param passSeconds how long the passage takes once at the target
   * @param chunkSeconds how long its hardest chunk takes at the target
   * @param chunkWords where that chunk is, such as {@code bars 5 and 6}
   * @param spots its hard places, hardest first
   */
  public record HardPlaces(
      double passSeconds, double chunkSeconds, String chunkWords, List<Spot> spots) {
    public HardPlaces {
      spots = List.copyOf(spots);
    }
  }

  /** Finds what is hard in a passage. */
  public static HardPlaces hardPlaces(Study study) {
    List<Problem> problems = Problems.of(study.drillSource());
    Span chunk = hardest(study, problems);
    return new HardPlaces(
        Math.max(1, PlayOrder.seconds(study.passage(), study.brief().tempos())),
        Math.max(1, seconds(study, chunk)),
        words(study, chunk),
        spots(study, problems));
  }

  private static Tried tried(Study study, TrialPlan trial) {
    String bar = study.passage().bars().get(trial.at().bar()).label();
    String words = "bar " + bar + ": " + trial.a().words() + " against " + trial.b().words();
    return new Tried(words, TrialStudy.seconds(study, trial));
  }

  /** Where a note stands, as logs name it: bar and number in the bar. */
  public static String place(Study study, int note) {
    PlayedNote played = study.notes().get(note);
    return study.passage().bars().get(played.bar()).label() + ":" + played.indexInBar();
  }

  /** The chunk that holds most of what is hard. */
  public static Span hardestChunk(Study study) {
    return hardest(study, Problems.of(study.drillSource()));
  }

  /**
   * The notes that a drill at a spot is made from: those of the hardest problem that ends at the
   * spot's note and has the drill, else of the hardest that ends there.
   */
  public static Optional<Span> problemAt(Study study, int note, DrillKind kind) {
    List<Problem> here =
        Problems.of(study.drillSource()).stream().filter(p -> p.notes().last() == note).toList();
    return here.stream()
        .filter(
            p ->
                DrillChoice.fitting(study.drillSource(), p).stream()
                    .anyMatch(d -> d.kind() == kind))
        .findFirst()
        .or(() -> here.stream().findFirst())
        .map(Problem::notes);
  }

  /** Problems that end at one note are one spot, with the drills of all. */
  private static List<Spot> spots(Study study, List<Problem> problems) {
    Map<String, List<Problem>> byPlace = new LinkedHashMap<>();
    for (Problem problem : problems) {
      byPlace
          .computeIfAbsent(place(study, problem.notes().last()), p -> new ArrayList<>())
          .add(problem);
    }
    List<Spot> all =
        byPlace.entrySet().stream().map(e -> spot(study, e.getKey(), e.getValue())).toList();
    List<Spot> spots = new ArrayList<>(all.subList(0, Math.min(MOST_SPOTS, all.size())));
    // Running notes have their rhythm days, however much else is harder.
    if (spots.stream().noneMatch(ProgrammeItem::takesRhythm)) {
      all.stream().filter(ProgrammeItem::takesRhythm).findFirst().ifPresent(spots::add);
    }
    return spots;
  }

  private static boolean takesRhythm(Spot spot) {
    return spot.drills().contains(DrillKind.RHYTHM.id());
  }

  private static Spot spot(Study study, String place, List<Problem> problems) {
    Problem hardest = problems.get(0);
    String bar =
        study.passage().bars().get(study.notes().get(hardest.notes().last()).bar()).label();
    Map<String, Integer> around = new HashMap<>();
    problems.forEach(
        p -> around(study, p.notes()).forEach((at, n) -> around.merge(at, n, Math::min)));
    Map<String, Double> seconds = new LinkedHashMap<>();
    for (Problem problem : problems) {
      for (ProposedDrill drill : DrillChoice.fitting(study.drillSource(), problem)) {
        seconds.putIfAbsent(drill.kind().id(), drill.seconds() / drill.times());
      }
    }
    return new Spot(
        place,
        "bar " + bar + ", " + hardest.words(),
        List.copyOf(seconds.keySet()),
        problems.stream().anyMatch(Problem::isCapped),
        around,
        seconds);
  }

  /**
   * Where a miss is one of a problem: at its notes, up to two notes or one beat beside them, since
   * a player rarely knows the note; and in its bars, where only the bar is known.
   */
  private static Map<String, Integer> around(Study study, Span notes) {
    Map<String, Integer> around = new HashMap<>();
    Fraction beat = study.choices().target().beat().length();
    Fraction from = study.notes().get(notes.first()).onset().subtract(beat);
    Fraction to = study.notes().get(notes.last()).onset().add(beat);
    for (PlayedNote note : study.notes()) {
      int beside =
          Math.max(0, Math.max(notes.first() - note.number(), note.number() - notes.last()));
      boolean isInABeat = note.onset().compareTo(from) >= 0 && note.onset().compareTo(to) <= 0;
      if (beside <= NOTES_BESIDE || isInABeat) {
        around.put(place(study, note.number()), beside);
      }
      if (beside == 0) {
        around.put(study.passage().bars().get(note.bar()).label(), 0);
      }
    }
    return around;
  }

  private static Span hardest(Study study, List<Problem> problems) {
    return study.chunks().stream()
        .max(Comparator.comparingDouble(c -> weight(c, problems)))
        .orElse(new Span(0, 0));
  }

  private static double weight(Span chunk, List<Problem> problems) {
    return problems.stream()
        .filter(p -> chunk.holds(p.notes().first()) && chunk.holds(p.notes().last()))
        .mapToDouble(Problem::weight)
        .sum();
  }

  private static double seconds(Study study, Span chunk) {
    double seconds = 0;
    for (int i = chunk.first(); i <= chunk.last() && i < study.notes().size(); i++) {
      seconds += study.brief().timeline().lengthSeconds(i);
    }
    return seconds;
  }

  private static String words(Study study, Span chunk) {
    if (study.notes().isEmpty()) {
      return "";
    }
    String first = study.passage().bars().get(study.notes().get(chunk.first()).bar()).label();
    String last = study.passage().bars().get(study.notes().get(chunk.last()).bar()).label();
    return first.equals(last) ? "bar " + first : "bars " + first + " to " + last;
  }
}
