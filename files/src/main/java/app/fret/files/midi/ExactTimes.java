package app.fret.files.midi;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Onsets that a program wrote out: their ticks are note values already, but for the rounding to
 * whole ticks.
 */
final class ExactTimes {
  /** Coarser ticks could be read as anything. */
  private static final int FINE_ENOUGH = 96;

  private static final double ROUNDING_TICKS = 0.51;

  /** Into how many parts a quarter may be divided. */
  private static final int[] PARTS = {1, 2, 4, 8, 16, 32, 3, 6, 12, 24, 5, 10, 20, 7, 14, 28};

  private final int ticksPerQuarter;

  ExactTimes(int ticksPerQuarter) {
    this.ticksPerQuarter = ticksPerQuarter;
  }

  /** The time of a tick where it is a note value. */
  Optional<Fraction> at(long tick) {
    for (int parts : PARTS) {
      double inParts = (double) tick * parts / ticksPerQuarter;
      long whole = Math.round(inParts);
      boolean near = Math.abs(inParts - whole) * ticksPerQuarter / parts <= ROUNDING_TICKS;
      if (near && whole <= Integer.MAX_VALUE / 8) {
        return Optional.of(Fraction.of((int) whole, 4 * parts));
      }
    }
    return Optional.empty();
  }

  /** The notes by the moments at which they begin; empty when they are played ones. */
  Optional<TreeMap<Fraction, Struck>> place(List<Struck> struck) {
    TreeMap<Fraction, Struck> byOnset = new TreeMap<>();
    for (Struck each : struck) {
      Optional<Fraction> onset = at(each.on());
      if (ticksPerQuarter < FINE_ENOUGH || onset.isEmpty() || byOnset.containsKey(onset.get())) {
        return Optional.empty();
      }
      byOnset.put(onset.get(), each);
    }
    return Optional.of(byOnset);
  }
}
