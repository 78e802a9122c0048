package app.fret.practice;

import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import org.apache.commons.numbers.fraction.Fraction;

/** What to count at a slow tempo: the subdivision that keeps the pulse steady (common practice). */
public final class Counting {
  /** Beats slower than this drift between two clicks. */
  private static final double STEADY_PER_MINUTE = 60;

  private static final int MOST_DIVISIONS = 3;

  private Counting() {}

  /**
   * The unit to count in: the beat itself where it is quick enough, else its halves or, of a dotted
   * beat, its thirds, and so on.
   */
  public static Tempo at(Tempo tempo) {
    Tempo counted = tempo;
    for (int i = 0; i < MOST_DIVISIONS && counted.perMinute() < STEADY_PER_MINUTE; i++) {
      boolean dotted = counted.beat().length().getNumerator() % 3 == 0;
      Fraction part = counted.beat().length().divide(dotted ? 3 : 2);
      Tempo before = counted;
      counted =
          BeatUnit.NOTES.stream()
              .filter(unit -> unit.length().equals(part))
              .findFirst()
              .map(before::in)
              .orElse(before);
    }
    return counted;
  }
}
