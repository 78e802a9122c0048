package app.fret.lefthand.advice;

import app.fret.instrument.Instrument;
import app.fret.lefthand.hand.Placement;
import java.util.ArrayList;
import java.util.List;

/**
 * How a chord of three or four notes is broken: from low to high, two strings at a time.
 *
 * @param note number of the chord
 * @param first strings that sound first, the lowest first
 * @param then strings the bow goes on to, the lowest first
 */
public record BrokenChord(int note, List<Integer> first, List<Integer> then) {
  private static final int CHORD = 3;

  public BrokenChord {
    first = List.copyOf(first);
    then = List.copyOf(then);
  }

  static List<BrokenChord> of(List<Placement> path) {
    List<BrokenChord> chords = new ArrayList<>();
    for (int i = 0; i < path.size(); i++) {
      List<Integer> strings =
          path.get(i).stops().stream().map(s -> s.string()).sorted((a, b) -> b - a).toList();
      if (strings.size() >= CHORD) {
        int last = strings.size();
        chords.add(new BrokenChord(i, strings.subList(0, 2), strings.subList(last - 2, last)));
      }
    }
    return chords;
  }

  /** The way of the bow, such as {@code IV+III, then II+I}. */
  public String words() {
    return numerals(first) + ", then " + numerals(then);
  }

  private static String numerals(List<Integer> strings) {
    return String.join("+", strings.stream().map(Instrument::numeral).toList());
  }
}
