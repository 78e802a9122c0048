package app.fret.practice;

import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.util.Comparator;
import java.util.List;

/** The steps printed on metronomes. Source: the Maelzel scale, 40 to 208 beats a minute. */
public final class MetronomeScale {
  /** The steps, slowest first. */
  public static final List<Integer> STEPS =
      List.of(
          40, 42, 44, 46, 48, 50, 52, 54, 56, 58, 60, 63, 66, 69, 72, 76, 80, 84, 88, 92, 96, 100,
          104, 108, 112, 116, 120, 126, 132, 138, 144, 152, 160, 168, 176, 184, 192, 200, 208);

  private MetronomeScale() {}

  /**
   * The next step below a tempo. Below the scale it goes on in steps of two, and beyond its top in
   * steps of eight, as its ends do; never below 1.
   */
  public static double stepBelow(double perMinute) {
    if (perMinute <= STEPS.get(0)) {
      return Math.max(1, perMinute - 2);
    }
    int top = STEPS.get(STEPS.size() - 1);
    if (perMinute > top + 8) {
      return perMinute - 8;
    }
    return STEPS.stream().filter(s -> s < perMinute).reduce((a, b) -> b).orElseThrow();
  }

  /**
   * The traditional step above a tempo; beyond the scale a tempo goes on in the proportion of its
   * last steps.
   */
  public static double stepAbove(double perMinute) {
    for (int step : STEPS) {
      if (step > perMinute) {
        return step;
      }
    }
    return Math.round(perMinute * STEPS.get(STEPS.size() - 1) / STEPS.get(STEPS.size() - 2));
  }

  /**
   * The tempo in a unit that a metronome of 40 to 208 can click: the subdivision below 40, the
   * longer beat above 208. A tempo that fits already, or that no plain unit brings in, stays.
   */
  public static Tempo clickable(Tempo tempo) {
    if (clicks(tempo.perMinute())) {
      return tempo;
    }
    return BeatUnit.NOTES.stream()
        .map(tempo::in)
        .filter(t -> clicks(t.perMinute()))
        .filter(t -> t.beat().length().getNumerator() == tempo.beat().length().getNumerator())
        .min(Comparator.comparingDouble(t -> Math.abs(Math.log(t.perMinute() / 80))))
        .orElse(tempo);
  }

  private static boolean clicks(double perMinute) {
    return perMinute >= STEPS.get(0) && perMinute <= STEPS.get(STEPS.size() - 1);
  }
}
