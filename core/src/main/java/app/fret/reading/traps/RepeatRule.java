package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Bar;
import app.fret.score.Note;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Bars that are nearly as an earlier one: the same rhythm, and at most one note in eight, but at
 * least one, on another pitch.
 *
 * <p>Limits: bars of six notes and more; the nearest such bar; not a bar that is wholly as an
 * earlier one.
 */
final class RepeatRule implements TrapRule {
  private static final int FEWEST_NOTES = 6;
  private static final int NOTES_TO_A_DIFFERENCE = 8;

  /** When a note of a bar begins and how long it lasts. */
  private record Beat(Fraction onset, Fraction length) {}

  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    Map<List<Beat>, List<List<PlayedNote>>> byRhythm = new LinkedHashMap<>();
    for (List<PlayedNote> bar : bars(page)) {
      List<List<PlayedNote>> alike =
          byRhythm.computeIfAbsent(rhythm(page, bar), r -> new ArrayList<>());
      nearest(alike, bar).ifPresent(earlier -> traps.add(trap(page, earlier, bar)));
      alike.add(bar);
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

  private static Optional<List<PlayedNote>> nearest(
      List<List<PlayedNote>> earlier, List<PlayedNote> bar) {
    if (earlier.stream().anyMatch(e -> differing(e, bar).isEmpty())) {
      return Optional.empty();
    }
    int most = Math.max(1, bar.size() / NOTES_TO_A_DIFFERENCE);
    return earlier.stream().filter(e -> differing(e, bar).size() <= most).reduce((a, b) -> b);
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
