package app.fret.practice;

import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The tempos from half the target, or from what is clean today, up to the target.
 *
 * <p>Round steps; the step is taken whose number of rungs is nearest seven, the smaller step where
 * two are equally near. The last rung is the target, so the last step may be shorter; odd halves
 * round up.
 *
 * @param target the target tempo
 * @param rungs beats a minute in the target's unit, slowest first, the target last
 */
public record Ladder(Tempo target, List<Double> rungs) {
  private static final int[] ROUND_STEPS = {2, 3, 4, 5, 6, 8, 10, 12, 15, 16, 20};
  private static final int RUNGS_AIMED_AT = 7;

  public Ladder {
    rungs = List.copyOf(rungs);
  }

  /**
   * The ladder to a target.
   *
   * @param cleanToday beats a minute that are clean already, in the target's unit; used when above
   *     half the target
   */
  public static Ladder to(Tempo target, OptionalDouble cleanToday) {
    double end = target.perMinute();
    double half = Math.min(end, Math.ceil(end / 2));
    double start = Math.min(end, Math.max(half, cleanToday.orElse(0)));
    double span = end - start;
    int step = stepFor(span);
    List<Double> rungs = new ArrayList<>();
    for (double rung = start; rung < end; rung += step) {
      rungs.add(rung);
    }
    rungs.add(end);
    return new Ladder(target, rungs);
  }

  private static int stepFor(double span) {
    int best = ROUND_STEPS[0];
    for (int step : ROUND_STEPS) {
      if (Math.abs(rungsBy(step, span) - RUNGS_AIMED_AT)
          < Math.abs(rungsBy(best, span) - RUNGS_AIMED_AT)) {
        best = step;
      }
    }
    return best;
  }

  private static int rungsBy(int step, double span) {
    return (int) Math.ceil(span / step) + 1;
  }

  /** The tempo of a rung, counted from 0. */
  public Tempo tempo(int rung) {
    return target.at(rungs.get(rung));
  }

  /** The highest rung not above a tempo, 0 when all are. */
  public int rungAt(double perMinute) {
    int rung = 0;
    for (int i = 0; i < rungs.size(); i++) {
      if (rungs.get(i) <= perMinute + 1e-9) {
        rung = i;
      }
    }
    return rung;
  }
}
