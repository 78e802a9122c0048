package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Bar;
import app.fret.score.Note;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Bars that are nearly as an earlier one: the same rhythm, and at most one note in eight, but at
 * least one, on another pitch.
 *
 * <p>Limits: bars of six notes and more; the nearest such bar among the last 64 of its rhythm; not
 * a bar that is wholly as an earlier one.
 */
final class RepeatRule implements TrapRule {
  private static final int FEWEST_NOTES = 6;
  private static final int NOTES_TO_A_DIFFERENCE = 8;
  private static final int MOST_COMPARED = 64;

  /** A bar with what each of its notes sounds. */
  private record Sounded(List<PlayedNote> notes, List<List<Integer>> pitches) {
    /** Whether at most so many notes are other ones. */
    boolean isNearly(Sounded other, int most) {
      int differing = 0;
      for (int i = 0; i < pitches.size() && differing <= most; i++) {
        differing += pitches.get(i).equals(other.pitches.get(i)) ? 0 : 1;
      }
      return differing <= most;
    }
  }

  /** When a note of a bar begins and how long it lasts. */
  private record Beat(Fraction onset, Fraction length) {}

  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    Map<List<Beat>, List<Sounded>> byRhythm = new LinkedHashMap<>();
    Map<List<Beat>, Set<List<List<Integer>>>> known = new HashMap<>();
    for (List<PlayedNote> bar : bars(page)) {
      List<Beat> rhythm = rhythm(page, bar);
      List<Sounded> alike = byRhythm.computeIfAbsent(rhythm, r -> new ArrayList<>());
      Sounded now = new Sounded(bar, bar.stream().map(RepeatRule::pitches).toList());
      if (known.computeIfAbsent(rhythm, r -> new HashSet<>()).add(now.pitches())) {
        nearest(alike, now).ifPresent(earlier -> traps.add(trap(page, earlier.notes(), bar)));
      }
      alike.add(now);
    }
    return traps;
  }

  private static List<List<PlayedNote>> bars(Page page) {
    Map<Integer, List<PlayedNote>> bars = new LinkedHashMap<>();
    page.notes().forEach(n -> bars.computeIfAbsent(n.bar(), b -> new ArrayList<>()).add(n));
    return bars.values().stream().filter(b -> b.size() >= FEWEST_NOTES).toList();
  }

  private static List<Beat> rhythm(Page page, List<PlayedNote> notes) {
    Bar bar = page.bar(notes.get(0));
    return notes.stream().map(n -> new Beat(n.onset().subtract(bar.onset()), n.length())).toList();
  }

  private static Optional<Sounded> nearest(List<Sounded> earlier, Sounded bar) {
    int most = Math.max(1, bar.notes().size() / NOTES_TO_A_DIFFERENCE);
    for (int i = earlier.size() - 1; i >= Math.max(0, earlier.size() - MOST_COMPARED); i--) {
      if (earlier.get(i).isNearly(bar, most)) {
        return Optional.of(earlier.get(i));
      }
    }
    return Optional.empty();
  }

  private static List<Integer> differing(List<PlayedNote> one, List<PlayedNote> other) {
    List<Integer> differing = new ArrayList<>();
    for (int i = 0; i < one.size(); i++) {
      if (!pitches(one.get(i)).equals(pitches(other.get(i)))) {
        differing.add(i);
      }
    }
    return differing;
  }

  private static List<Integer> pitches(PlayedNote note) {
    return note.notes().stream().map(Note::written).map(p -> p.semitone()).toList();
  }

  private static Trap trap(Page page, List<PlayedNote> earlier, List<PlayedNote> bar) {
    List<Integer> differing = differing(earlier, bar);
    PlayedNote was = earlier.get(differing.get(0));
    PlayedNote now = bar.get(differing.get(0));
    String more = differing.size() > 1 ? " And " + (differing.size() - 1) + " more." : "";
    return new Trap(
        Kind.REPEAT_DIFFERS,
        now.number(),
        "As bar "
            + page.bar(was).label()
            + ", but "
            + Page.top(now).written().display()
            + " here instead of "
            + Page.top(was).written().display()
            + "."
            + more);
  }
}
