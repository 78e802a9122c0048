package app.fret.files.midi;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Eighths that are played long and short and written even.
 *
 * @param longShare share of a quarter that the first eighth takes, above a half
 */
record Swing(double longShare) {
  private static final double LEAST = 0.56;
  private static final double MOST = 0.72;

  /** So many of the divided quarters must be swung, and so many there must be. */
  private static final double MOST_QUARTERS = 0.75;

  private static final int FEWEST_QUARTERS = 4;

  /** Onsets nearer to the beat than this share of a quarter are on it. */
  private static final double ON_BEAT = 0.12;

  /**
   * Looks for swing: nearly every divided quarter has one onset on it and one late behind its
   * middle, and none is divided in three.
   */
  static Optional<Swing> of(List<Struck> struck, int ticksPerQuarter) {
    TreeMap<Long, List<Double>> byQuarter = new TreeMap<>();
    for (Struck each : struck) {
      double quarters = (double) each.on() / ticksPerQuarter;
      long quarter = (long) Math.floor(quarters + ON_BEAT);
      byQuarter.computeIfAbsent(quarter, q -> new ArrayList<>()).add(quarters - quarter);
    }
    List<Double> late = new ArrayList<>();
    int divided = 0;
    for (List<Double> onsets : byQuarter.values()) {
      List<Double> off = onsets.stream().filter(o -> o > ON_BEAT).toList();
      divided += off.isEmpty() ? 0 : 1;
      if (off.size() == 1 && off.get(0) > LEAST - 0.04 && off.get(0) < MOST + 0.04) {
        late.add(off.get(0));
      }
    }
    late.sort(Double::compare);
    boolean many = late.size() >= FEWEST_QUARTERS && late.size() >= MOST_QUARTERS * divided;
    double median = late.isEmpty() ? 0 : late.get(late.size() / 2);
    return many && median >= LEAST && median <= MOST
        ? Optional.of(new Swing(median))
        : Optional.empty();
  }

  /** The same with even eighths. */
  List<Struck> evened(List<Struck> struck, int ticksPerQuarter) {
    return struck.stream()
        .map(
            s ->
                new Struck(
                    evened(s.on(), ticksPerQuarter),
                    evened(s.off(), ticksPerQuarter),
                    s.pitches(),
                    s.graces()))
        .toList();
  }

  private long evened(long tick, int ticksPerQuarter) {
    long quarter = Math.floorDiv(tick, ticksPerQuarter);
    double within = (double) Math.floorMod(tick, ticksPerQuarter) / ticksPerQuarter;
    double even =
        within <= longShare
            ? within / longShare / 2
            : 0.5 + (within - longShare) / (1 - longShare) / 2;
    return Math.round((quarter + even) * ticksPerQuarter);
  }

  /** How it was played, such as {@code 67 %}. */
  String words() {
    return Math.round(100 * longShare) + " %";
  }
}
