package app.fret.lefthand.figure;

import app.fret.brief.Brief;
import java.util.Arrays;

/**
 * Finds trills that are written out: two neighbouring notes in quick turn, five notes or more
 * (common practice, no source).
 */
public final class WrittenTrills {
  private static final int FEWEST_NOTES = 5;
  private static final int WIDEST_STEP = 2;

  /** Slower notes in turn are a tune. */
  private static final double LONGEST_SECONDS = 0.25;

  private final Brief brief;
  private final Line line;

  private WrittenTrills(Brief brief) {
    this.brief = brief;
    this.line = new Line(brief);
  }

  /** By note: whether it is the second note of such a trill or a later one. */
  public static boolean[] of(Brief brief) {
    WrittenTrills trills = new WrittenTrills(brief);
    boolean[] inside = new boolean[trills.line.size()];
    int first = 0;
    while (first < inside.length) {
      int end = first + 1;
      while (trills.goesOn(first, end)) {
        end++;
      }
      if (end - first >= FEWEST_NOTES) {
        Arrays.fill(inside, first + 1, end, true);
      }
      first = Math.max(first + 1, end - 1);
    }
    return inside;
  }

  private boolean goesOn(int first, int next) {
    if (next >= line.size()
        || !line.goesOn(next)
        || brief.timeline().lengthSeconds(next) > LONGEST_SECONDS) {
      return false;
    }
    int step = Math.abs(line.pitch(next) - line.pitch(next - 1));
    return step > 0
        && step <= WIDEST_STEP
        && (next == first + 1 || line.pitch(next) == line.pitch(next - 2));
  }
}
