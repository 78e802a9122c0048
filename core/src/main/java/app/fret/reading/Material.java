package app.fret.reading;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What a passage is made of, bar by bar, seen from each bar's first note: rhythm and intervals. Two
 * bars are the same material when both agree, at whatever pitch they begin.
 *
 * @param bars the bars that say anything, with at least three notes
 */
public record Material(List<List<Sign>> bars) {
  private static final int FEWEST_NOTES = 3;

  /**
   * A note of a bar.
   *
   * @param onset from the bar's first note
   * @param length how long it sounds
   * @param semitones its heads, from the first note's lowest
   */
  record Sign(Fraction onset, Fraction length, List<Integer> semitones) {}

  public Material {
    bars = List.copyOf(bars);
  }

  /** The material of a passage. */
  public static Material of(List<PlayedNote> notes) {
    Map<Integer, List<PlayedNote>> byBar = new HashMap<>();
    notes.stream()
        .filter(n -> !n.isGrace())
        .forEach(n -> byBar.computeIfAbsent(n.bar(), bar -> new ArrayList<>()).add(n));
    return new Material(
        byBar.entrySet().stream()
            .sorted(Map.Entry.comparingByKey(Comparator.naturalOrder()))
            .map(Map.Entry::getValue)
            .filter(bar -> bar.size() >= FEWEST_NOTES)
            .map(Material::signs)
            .toList());
  }

  private static List<Sign> signs(List<PlayedNote> bar) {
    PlayedNote first = bar.get(0);
    int ground = first.notes().get(0).written().semitone();
    return bar.stream()
        .map(
            n ->
                new Sign(
                    n.onset().subtract(first.onset()),
                    n.length(),
                    n.notes().stream().map(h -> h.written().semitone() - ground).toList()))
        .toList();
  }

  /** Share of its notes, 0 to 1, in bars that the other has too. */
  public double shareIn(Material other) {
    Set<List<Sign>> there = new HashSet<>(other.bars);
    int all = 0;
    int same = 0;
    for (List<Sign> bar : bars) {
      all += bar.size();
      same += there.contains(bar) ? bar.size() : 0;
    }
    return all == 0 ? 0 : (double) same / all;
  }
}
