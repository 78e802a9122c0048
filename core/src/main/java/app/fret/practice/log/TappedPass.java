package app.fret.practice.log;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The tempo really played, bar by bar, from taps on its beats or on its bars. Which of the two it
 * is follows from the first taps against the tempo that was meant; a tap left out is filled in, one
 * too many is passed over.
 *
 * @param bars tempo of each bar that was played to its end, in order
 */
public record TappedPass(List<BarTempo> bars) {
  /** Fewer taps tell nothing. */
  public static final int FEWEST_TAPS = 3;

  private static final double EXTRA = 0.4;
  private static final double LEFT_OUT = 1.6;
  private static final int MOST_LEFT_OUT = 3;
  private static final double SECONDS_A_MINUTE = 60;

  /**
   * A bar to be played.
   *
   * @param label its number
   * @param beats how many beats of the target it has, more than 0
   */
  public record BarBeats(String label, double beats) {}

  /**
   * How fast a bar was played.
   *
   * @param label its number
   * @param beats how many beats it has
   * @param perMinute beats a minute
   */
  public record BarTempo(String label, double beats, double perMinute) {}

  public TappedPass {
    bars = List.copyOf(bars);
  }

  /**
   * Reckons the tempos.
   *
   * @param seconds moments of the taps, rising, in s; the first is the downbeat of the first bar
   * @param bars the bars from there on
   * @param meant the tempo that was meant, in beats a minute
   */
  public static TappedPass of(List<Double> seconds, List<BarBeats> bars, double meant) {
    if (seconds.size() < FEWEST_TAPS || bars.isEmpty()) {
      return new TappedPass(List.of());
    }
    double beat = SECONDS_A_MINUTE / meant;
    boolean byBars = isByBars(seconds, bars, beat);
    return new TappedPass(tempos(points(seconds, bars, byBars, beat), bars));
  }

  private static boolean isByBars(List<Double> seconds, List<BarBeats> bars, double beat) {
    List<Double> gaps = new ArrayList<>();
    for (int i = 1; i < Math.min(seconds.size(), 5); i++) {
      gaps.add(seconds.get(i) - seconds.get(i - 1));
    }
    gaps.sort(Comparator.naturalOrder());
    double gap = gaps.get(gaps.size() / 2);
    double asBeat = Math.abs(Math.log(gap / beat));
    double asBar = Math.abs(Math.log(gap / (beat * bars.get(0).beats())));
    return asBar < asBeat;
  }

  /** A place in the music, in beats, and when it was reached, in s. */
  private record Point(double beats, double second) {}

  private static List<Point> points(
      List<Double> seconds, List<BarBeats> bars, boolean byBars, double beat) {
    List<Point> points = new ArrayList<>(List.of(new Point(0, seconds.get(0))));
    double perBeat = beat;
    int unit = 0;
    for (double second : seconds.subList(1, seconds.size())) {
      Point last = points.get(points.size() - 1);
      double gap = second - last.second();
      double length = length(bars, byBars, unit, 1);
      if (gap < EXTRA * length * perBeat) {
        continue;
      }
      int units = 1;
      while (units <= MOST_LEFT_OUT
          && gap > (LEFT_OUT + units - 1) * length(bars, byBars, unit, units) / units * perBeat) {
        units++;
      }
      double beats = length(bars, byBars, unit, units);
      points.add(new Point(last.beats() + beats, second));
      perBeat = gap / beats;
      unit += units;
    }
    return points;
  }

  /** Beats of some units, beats or bars, from one on. */
  private static double length(List<BarBeats> bars, boolean byBars, int from, int units) {
    if (!byBars) {
      return units;
    }
    double beats = 0;
    for (int i = from; i < from + units; i++) {
      beats += bars.get(Math.min(i, bars.size() - 1)).beats();
    }
    return beats;
  }

  private static List<BarTempo> tempos(List<Point> points, List<BarBeats> bars) {
    List<BarTempo> tempos = new ArrayList<>();
    double from = 0;
    for (BarBeats bar : bars) {
      double to = from + bar.beats();
      OptionalDouble begins = at(points, from);
      OptionalDouble ends = at(points, to);
      if (begins.isEmpty() || ends.isEmpty()) {
        break;
      }
      double seconds = ends.getAsDouble() - begins.getAsDouble();
      tempos.add(new BarTempo(bar.label(), bar.beats(), bar.beats() * SECONDS_A_MINUTE / seconds));
      from = to;
    }
    return tempos;
  }

  /** When a place was reached, between the taps around it; empty behind the last. */
  private static OptionalDouble at(List<Point> points, double beats) {
    for (int i = 1; i < points.size(); i++) {
      Point before = points.get(i - 1);
      Point after = points.get(i);
      if (beats <= after.beats() + 1e-9) {
        double share = (beats - before.beats()) / (after.beats() - before.beats());
        return OptionalDouble.of(before.second() + share * (after.second() - before.second()));
      }
    }
    return OptionalDouble.empty();
  }

  /** The tempo over all bars, in beats a minute; empty before the first bar is over. */
  public OptionalDouble perMinute() {
    double beats = bars.stream().mapToDouble(BarTempo::beats).sum();
    double minutes = bars.stream().mapToDouble(b -> b.beats() / b.perMinute()).sum();
    return bars.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(beats / minutes);
  }
}
