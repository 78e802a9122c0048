package app.fret.bow.stroke;

import app.fret.score.Span;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Slurs that take turns with single notes half as long or shorter, three times running or more: the
 * slur saves and the single note goes quick and light, so that the bow stays where it is. Common
 * practice; figures found by trying passages.
 */
final class SlursAndSingles {
  private static final int FEWEST_PAIRS = 3;
  private static final double LONGER = 1.9;

  /** How far the two come to meet each other: 0 not at all, 0.5 to the same amount of bow. */
  private static final double NEARER = 0.42;

  private final BowLine line;
  private final List<Span> groups;
  private final Map<Span, Double> shares = new HashMap<>();

  SlursAndSingles(BowLine line) {
    this.line = line;
    this.groups = line.groups().stream().map(line::withoutGraces).toList();
    int first = 0;
    while (first < groups.size()) {
      int last = lastOfTurns(first);
      if (last - first + 1 >= 2 * FEWEST_PAIRS) {
        share(first, last);
        first = last;
      }
      first++;
    }
  }

  /** Share of its usual bow that is left to a stroke, 1 outside such figures. */
  double share(Span notes) {
    return shares.getOrDefault(line.withoutGraces(notes), 1.0);
  }

  private void share(int first, int last) {
    for (int i = first; i <= last; i++) {
      double other = seconds(groups.get(i == last ? i - 1 : i + 1));
      shares.put(groups.get(i), Math.pow(other / seconds(groups.get(i)), NEARER));
    }
  }

  private int lastOfTurns(int first) {
    int last = first;
    while (last + 1 < groups.size() && takeTurns(groups.get(last), groups.get(last + 1))) {
      last++;
    }
    return last;
  }

  private boolean takeTurns(Span one, Span next) {
    boolean slurFirst = one.last() > one.first();
    Span slur = slurFirst ? one : next;
    Span single = slurFirst ? next : one;
    return slur.last() > slur.first()
        && single.last() == single.first()
        && line.note(next.first()).silenceSeconds() == 0
        && !line.note(single.first()).isShort()
        && !line.note(single.first()).isPlucked()
        && !line.note(slur.first()).isSoft()
        && seconds(slur) >= LONGER * seconds(single);
  }

  private double seconds(Span notes) {
    double seconds = 0;
    for (int i = notes.first(); i <= notes.last(); i++) {
      seconds += line.note(i).seconds();
    }
    return seconds;
  }
}
