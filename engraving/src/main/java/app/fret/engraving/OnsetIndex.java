package app.fret.engraving;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Signs in order of time, of which those at a stretch of it are found without a look at all.
 *
 * <p>Two binary searches: the first sign that begins after the stretch, and, among the furthest
 * ends of all signs so far, which only grow, the first that reaches into it.
 */
final class OnsetIndex<T> {
  private final List<T> signs;
  private final Function<T, Fraction> from;
  private final Function<T, Fraction> to;
  private final List<Fraction> furthestEnds = new ArrayList<>();

  /**
   * Sorts signs.
   *
   * @param from when a sign begins
   * @param to when it ends; for a point in time when it begins
   */
  OnsetIndex(List<T> signs, Function<T, Fraction> from, Function<T, Fraction> to) {
    this.signs = new ArrayList<>(signs);
    this.signs.sort(Comparator.comparing(from));
    this.from = from;
    this.to = to;
    for (T sign : this.signs) {
      Fraction end = to.apply(sign);
      int last = furthestEnds.size() - 1;
      boolean further = last < 0 || end.compareTo(furthestEnds.get(last)) > 0;
      furthestEnds.add(further ? end : furthestEnds.get(last));
    }
  }

  /** The signs that begin no later than a stretch ends and end no earlier than it begins. */
  List<T> touching(Fraction start, Fraction end) {
    int until = first(signs.size(), i -> from.apply(signs.get(i)).compareTo(end) > 0);
    int first = first(until, i -> furthestEnds.get(i).compareTo(start) >= 0);
    return signs.subList(first, until).stream()
        .filter(sign -> to.apply(sign).compareTo(start) >= 0)
        .toList();
  }

  private interface Test {
    boolean holds(int index);
  }

  /** The first index for which a test holds that holds for all after it; {@code size} for none. */
  private static int first(int size, Test test) {
    int low = 0;
    int high = size;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (test.holds(middle)) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }
}
