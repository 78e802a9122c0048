package app.fret.bow.search;

import app.fret.score.Span;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/**
 * What a search of a changed passage takes over from the one before: what strokes and joints that
 * are still the same cost, and the efforts of all states behind a change once they differ from
 * those of before by one amount alone. Efforts are exact sums, see {@link #exact}, so that nothing
 * is lost by it: the result is that of a search from nothing.
 */
final class EarlierSearch {
  /** Efforts are whole multiples of this: sums of them up to 2^18 are exact in double precision. */
  private static final double UNIT = 0x1p-34;

  private final BowSearch search;
  private final Map<Span, Integer> numbers = new HashMap<>();

  /** For each stroke of the new search the one of before that is like it, or -1. */
  private final int[] like;

  /** By how much all efforts of a stroke are other than those before; NaN when by no one amount. */
  private final double[] shifts;

  /**
   * Prepares for a search.
   *
   * @param search the search before
   * @param count strokes of the new one
   */
  EarlierSearch(BowSearch search, int count) {
    this.search = search;
    this.like = new int[count];
    this.shifts = new double[count];
    Arrays.fill(like, -1);
    Arrays.fill(shifts, Double.NaN);
    for (int i = 0; i < search.count(); i++) {
      numbers.put(search.draft(i).notes(), i);
    }
  }

  /** An effort as a multiple of the unit, infinite ones as they are. */
  static double exact(double effort) {
    return Math.rint(effort / UNIT) * UNIT;
  }

  /** The same for all efforts of a table, in place. */
  static void makeExact(double[] efforts) {
    for (int i = 0; i < efforts.length; i++) {
      efforts[i] = exact(efforts[i]);
    }
  }

  /** Copies the efforts of a stroke where they follow from those of before. */
  boolean takeOver(BowSearch now, int stroke) {
    Integer old = numbers.get(now.draft(stroke).notes());
    if (old == null) {
      return false;
    }
    like[stroke] = old;
    double shift = isLike(now, stroke, old) ? shiftBefore(now, stroke, old) : Double.NaN;
    if (Double.isNaN(shift)) {
      return false;
    }
    shifts[stroke] = shift;
    copy(search.entry(old), now.entry(stroke), shift);
    copy(search.exit(old), now.exit(stroke), shift);
    return true;
  }

  private static void copy(double[] from, double[] to, double shift) {
    for (int i = 0; i < from.length; i++) {
      to[i] = from[i] + shift;
    }
  }

  /** Whether a stroke is drawn at the same efforts from every state. */
  private boolean isLike(BowSearch now, int stroke, int old) {
    if (now.table(stroke) != search.table(old)) {
      return false;
    }
    for (int begun = 0; begun < 2; begun++) {
      for (int direction = 0; direction < 2; direction++) {
        boolean same =
            now.own(stroke, begun, direction) == search.own(old, begun, direction)
                && now.begunAfter(stroke, begun, direction)
                    == search.begunAfter(old, begun, direction);
        if (!same) {
          return false;
        }
      }
    }
    return true;
  }

  /** The one amount by which all that comes before a stroke changed; NaN when there is none. */
  private double shiftBefore(BowSearch now, int stroke, int old) {
    int[] before = now.before(stroke);
    int[] then = search.before(old);
    if (before.length != then.length) {
      return Double.NaN;
    }
    double shift = before.length == 0 ? 0 : shifts[before[0]];
    for (int k = 0; k < before.length; k++) {
      boolean same =
          like[before[k]] == then[k]
              && now.lifts(stroke, k) == search.lifts(old, k)
              && shifts[before[k]] == shift;
      if (!same) {
        return Double.NaN;
      }
    }
    return shift;
  }

  /** Compares the efforts of a stroke that were worked out with those of before. */
  void compare(BowSearch now, int stroke) {
    if (like[stroke] >= 0) {
      shifts[stroke] = shift(search.exit(like[stroke]), now.exit(stroke));
    }
  }

  private static double shift(double[] then, double[] now) {
    double shift = Double.NaN;
    for (int i = 0; i < then.length; i++) {
      boolean wasReached = then[i] < Double.POSITIVE_INFINITY;
      boolean isReached = now[i] < Double.POSITIVE_INFINITY;
      if (wasReached != isReached) {
        return Double.NaN;
      }
      if (isReached) {
        double difference = now[i] - then[i];
        if (!Double.isNaN(shift) && difference != shift) {
          return Double.NaN;
        }
        shift = difference;
      }
    }
    return shift;
  }
}
