package app.fret.reading;

import app.fret.score.Bar;
import app.fret.score.Note;
import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Stretches of bars that come back: equal, on other degrees, in another octave, or nearly so.
 *
 * <p>Each bar is compared with earlier ones of its rhythm, a few of the nearest and the first; a
 * match is followed as long as it holds, and the longest is taken. Nearly equal is at most one note
 * in eight on another pitch, and one at least. Cost: linear in the bars but for the length of the
 * matches. Limits: whole bars; a stretch holds three notes or more.
 */
public final class Form {
  private static final int FEWEST_NOTES = 3;
  private static final int NOTES_TO_A_DIFFERENCE = 8;
  private static final int NEAREST_TRIED = 6;
  private static final int OCTAVE = 12;
  private static final List<String> INTERVALS =
      List.of("a half step", "a step", "a third", "a fourth", "a fifth", "a sixth", "a seventh");

  private final Passage passage;
  private final List<List<PlayedNote>> bars = new ArrayList<>();
  private final List<List<Beat>> rhythms = new ArrayList<>();
  private final List<Return> returns = new ArrayList<>();

  /** How a stretch comes back. */
  public enum Kind {
    EQUAL,
    TRANSPOSED,
    OCTAVE,
    NEARLY;

    /** Its name in files. */
    public String id() {
      return name().toLowerCase(java.util.Locale.ROOT);
    }
  }

  /**
   * A stretch and the earlier one that it repeats.
   *
   * @param kind how it comes back
   * @param firstBar index of its first bar
   * @param lastBar index of its last bar
   * @param earlierBar index of the first bar of the earlier one
   * @param semitones how far it lies above the earlier one
   * @param steps how many letters it lies above the earlier one
   * @param differs numbers of its notes that are another pitch than there
   */
  public record Return(
      Kind kind,
      int firstBar,
      int lastBar,
      int earlierBar,
      int semitones,
      int steps,
      List<Integer> differs) {
    public Return {
      differs = List.copyOf(differs);
    }

    /** How it lies to the earlier one, in words: as it was, a third higher, nearly as it was. */
    public String words() {
      return switch (kind) {
        case EQUAL -> "as it was";
        case NEARLY -> differs.size() + (differs.size() == 1 ? " note differs" : " notes differ");
        case OCTAVE, TRANSPOSED -> interval(Math.abs(steps)) + (steps < 0 ? " lower" : " higher");
      };
    }

    private static String interval(int steps) {
      int octaves = steps / INTERVALS.size();
      String within = INTERVALS.get(steps % INTERVALS.size());
      if (octaves == 0) {
        return within;
      }
      String whole = octaves == 1 ? "an octave" : octaves + " octaves";
      return steps % INTERVALS.size() == 0 ? whole : whole + " and " + within;
    }

    /** Whether it sounds as the earlier one does, but for the notes that differ. */
    public boolean soundsAlike() {
      return semitones == 0;
    }

    /** The last bar of the earlier stretch. */
    public int earlierLastBar() {
      return earlierBar + lastBar - firstBar;
    }
  }

  /** When a note of a bar begins, and how long it lasts. */
  private record Beat(Fraction onset, Fraction length, int heads) {}

  /** A match that is being followed. */
  private static final class Match {
    private final int first;
    private final int earlier;
    private final int semitones;
    private final int steps;
    private final List<Integer> differs = new ArrayList<>();
    private int bars;
    private int notes;

    Match(int first, int earlier, int semitones, int steps) {
      this.first = first;
      this.earlier = earlier;
      this.semitones = semitones;
      this.steps = steps;
    }

    Kind kind() {
      if (!differs.isEmpty()) {
        return Kind.NEARLY;
      }
      return semitones == 0 ? Kind.EQUAL : semitones % OCTAVE == 0 ? Kind.OCTAVE : Kind.TRANSPOSED;
    }
  }

  private Form(Passage passage, List<PlayedNote> notes) {
    this.passage = passage;
    passage.bars().forEach(b -> bars.add(new ArrayList<>()));
    notes.forEach(n -> bars.get(n.bar()).add(n));
    for (int bar = 0; bar < bars.size(); bar++) {
      rhythms.add(rhythmOf(bar));
    }
  }

  /** The stretches of a passage that come back, in order. */
  public static List<Return> of(Passage passage, List<PlayedNote> notes) {
    Form form = new Form(passage, notes);
    form.find();
    return List.copyOf(form.returns);
  }

  private void find() {
    Map<List<Beat>, List<Integer>> byRhythm = new HashMap<>();
    int known = 0;
    for (int bar = 0; bar < bars.size(); ) {
      for (; known < bar; known++) {
        if (!bars.get(known).isEmpty()) {
          byRhythm.computeIfAbsent(rhythms.get(known), r -> new ArrayList<>()).add(known);
        }
      }
      Optional<Match> best =
          bars.get(bar).isEmpty()
              ? Optional.empty()
              : best(bar, byRhythm.getOrDefault(rhythms.get(bar), List.of()));
      best.ifPresent(this::add);
      bar += best.map(m -> m.bars).orElse(1);
    }
  }

  private void add(Match match) {
    int first = match.first;
    returns.add(
        new Return(
            match.kind(),
            first,
            first + match.bars - 1,
            match.earlier,
            match.semitones,
            match.steps,
            match.differs));
  }

  private Optional<Match> best(int bar, List<Integer> earlier) {
    List<Integer> tried = new ArrayList<>();
    int from = Math.max(0, earlier.size() - NEAREST_TRIED);
    for (int i = earlier.size() - 1; i >= from; i--) {
      tried.add(earlier.get(i));
    }
    if (from > 0) {
      tried.add(earlier.get(0));
    }
    Optional<Match> best = Optional.empty();
    for (int candidate : tried) {
      Match match = follow(candidate, bar);
      if (match.notes >= FEWEST_NOTES && (best.isEmpty() || isBetter(match, best.get()))) {
        best = Optional.of(match);
      }
    }
    return best;
  }

  /** Longer first; of two as long the plainer kind. */
  private static boolean isBetter(Match one, Match other) {
    int byLength = Integer.compare(one.bars, other.bars);
    return byLength > 0 || byLength == 0 && one.kind().ordinal() < other.kind().ordinal();
  }

  private Match follow(int earlier, int bar) {
    PlayedNote was = bars.get(earlier).get(0);
    PlayedNote now = bars.get(bar).get(0);
    int semitones = low(now).written().semitone() - low(was).written().semitone();
    int steps = low(now).written().staffStep() - low(was).written().staffStep();
    Match match = new Match(bar, earlier, semitones, steps);
    while (bar + match.bars < bars.size()
        && earlier + match.bars < bar
        && extend(match, earlier + match.bars, bar + match.bars)) {
      match.bars++;
    }
    return match;
  }

  private static Note low(PlayedNote note) {
    return note.notes().get(0);
  }

  /** Takes a bar into a match if it holds there, too. */
  private boolean extend(Match match, int was, int now) {
    if (!rhythms.get(was).equals(rhythms.get(now)) || bars.get(now).isEmpty()) {
      return false;
    }
    List<Integer> differs = new ArrayList<>();
    for (int i = 0; i < bars.get(now).size(); i++) {
      PlayedNote note = bars.get(now).get(i);
      if (!isMoved(bars.get(was).get(i), note, match)) {
        differs.add(note.number());
      }
    }
    int notes = match.notes + bars.get(now).size();
    boolean moved = match.semitones != 0;
    int most = moved ? 0 : bars.get(now).size() / NOTES_TO_A_DIFFERENCE;
    if (differs.size() > most) {
      return false;
    }
    match.differs.addAll(differs);
    match.notes = notes;
    return true;
  }

  /** On another degree of the key the letters move alike and the half steps may not. */
  private static boolean isMoved(PlayedNote was, PlayedNote now, Match match) {
    for (int head = 0; head < now.notes().size(); head++) {
      int steps =
          now.notes().get(head).written().staffStep() - was.notes().get(head).written().staffStep();
      int semitones =
          now.notes().get(head).written().semitone() - was.notes().get(head).written().semitone();
      boolean exact = match.semitones % OCTAVE == 0;
      if (exact ? semitones != match.semitones : steps != match.steps) {
        return false;
      }
    }
    return true;
  }

  private List<Beat> rhythmOf(int bar) {
    Bar here = passage.bars().get(bar);
    return bars.get(bar).stream()
        .map(n -> new Beat(n.onset().subtract(here.onset()), n.length(), n.notes().size()))
        .toList();
  }

  /** Returns that go back to one stretch, by kind. */
  public static Map<List<Object>, List<Return>> families(List<Return> returns) {
    Map<List<Object>, List<Return>> families = new LinkedHashMap<>();
    for (Return each : returns) {
      List<Object> key = List.of(each.kind(), each.earlierBar(), each.lastBar() - each.firstBar());
      families.computeIfAbsent(key, k -> new ArrayList<>()).add(each);
    }
    return families;
  }
}
