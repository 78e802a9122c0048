package app.fret.files.midi;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.LongFunction;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * When notes are over on the page. How long a key is held is articulation: a gap before the next
 * note that is shorter than a third of the way to it is none. Only a file whose notes mostly last
 * until the next is taken at its word.
 */
final class NoteEnds {
  private static final double SHORT_GAP = 1.0 / 3;

  /** Share of the notes that last until the next, from which a file was written out exactly. */
  private static final double WRITTEN_OUT = 0.5;

  /** Rests of a sixteenth between eighths are harder to read than the dots they stand for. */
  private static final double EIGHTH_QUARTERS = 0.51;

  private static final double SIXTEENTH_QUARTERS = 0.3;

  private static final double OVERLAP_QUARTERS = 0.1;
  private static final double ROUNDING_TICKS = 1.01;

  private final double ticksPerQuarter;
  private final MidiSettings settings;
  private final Quantiser quantiser;
  private final Fraction end;
  private int cut;

  NoteEnds(int ticksPerQuarter, MidiSettings settings, Quantiser quantiser, Fraction end) {
    this.ticksPerQuarter = ticksPerQuarter;
    this.settings = settings;
    this.quantiser = quantiser;
    this.end = end;
  }

  /** How many notes were cut short because the next began. */
  int cut() {
    return cut;
  }

  /**
   * The notes with their ends.
   *
   * @param exact the note value of a tick where the file was written out; empty for a played one
   */
  List<Quantiser.Placed> of(
      TreeMap<Fraction, Struck> byOnset, LongFunction<Optional<Fraction>> exact) {
    boolean writtenOut = isWrittenOut(byOnset) || !settings.legato();
    double held = usualShareHeld(byOnset);
    List<Quantiser.Placed> placed = new ArrayList<>();
    for (Map.Entry<Fraction, Struck> at : byOnset.entrySet()) {
      Fraction next = byOnset.higherKey(at.getKey());
      Fraction limit = next == null ? end : next;
      Struck struck = at.getValue();
      double off = struck.off() / ticksPerQuarter;
      cut += next != null && off > quarters(next) + OVERLAP_QUARTERS ? 1 : 0;
      Fraction ended =
          writtenOut
              ? literal(at.getKey(), struck, limit, exact)
              : articulated(
                  at.getKey(), struck, next == null ? Optional.empty() : Optional.of(next), held);
      placed.add(
          new Quantiser.Placed(
              at.getKey(),
              ended.compareTo(limit) > 0 ? limit : ended,
              struck.pitches(),
              struck.graces()));
    }
    return placed;
  }

  private static double quarters(Fraction time) {
    return 4 * time.doubleValue();
  }

  private boolean isWrittenOut(TreeMap<Fraction, Struck> byOnset) {
    int lasting = 0;
    int all = 0;
    Struck before = null;
    for (Struck struck : byOnset.values()) {
      if (before != null) {
        all++;
        lasting += Math.abs(before.off() - struck.on()) <= ROUNDING_TICKS ? 1 : 0;
      }
      before = struck;
    }
    return all > 0 && lasting >= WRITTEN_OUT * all;
  }

  /** What share of the way to the next note keys are usually held. */
  private double usualShareHeld(TreeMap<Fraction, Struck> byOnset) {
    List<Double> shares = new ArrayList<>();
    Struck before = null;
    for (Struck struck : byOnset.values()) {
      double way = before == null ? 0 : struck.on() - before.on();
      double share = way <= 0 ? 0 : (before.off() - before.on()) / way;
      if (share > 1 - SHORT_GAP && share <= 1) {
        shares.add(share);
      }
      before = struck;
    }
    shares.sort(Double::compare);
    return shares.isEmpty() ? 1 : shares.get(shares.size() / 2);
  }

  /**
   * Where it says, if that is a note value; else to the next note, where it nearly lasts so long.
   */
  private Fraction literal(
      Fraction onset, Struck struck, Fraction limit, LongFunction<Optional<Fraction>> exact) {
    double gap = quarters(limit) - struck.off() / ticksPerQuarter;
    double way = quarters(limit) - quarters(onset);
    Optional<Fraction> said = exact.apply(struck.off()).filter(e -> e.compareTo(onset) > 0);
    if (gap <= 0 || said.isEmpty() && settings.legato() && gap < SHORT_GAP * way) {
      return limit;
    }
    return said.orElseGet(() -> onGrid(onset, struck.off() / ticksPerQuarter));
  }

  private Fraction articulated(
      Fraction onset, Struck struck, Optional<Fraction> next, double held) {
    double length = (struck.off() - struck.on()) / ticksPerQuarter;
    double meant = length / held;
    if (next.isPresent()) {
      double way = quarters(next.get()) - quarters(onset);
      boolean shortNote = way <= EIGHTH_QUARTERS && way - length <= SIXTEENTH_QUARTERS;
      if (way - length < SHORT_GAP * way || shortNote) {
        return next.get();
      }
    }
    return onGrid(onset, quarters(onset) + meant);
  }

  /** The nearest point of the division in which the note begins, at least one on. */
  private Fraction onGrid(Fraction onset, double off) {
    Fraction step = quantiser.stepAt(onset);
    Fraction quarter = quantiser.quarterOf(onset);
    long point = Math.round((off - quarters(quarter)) / quarters(step));
    Fraction at = quarter.add(step.multiply((int) Math.max(0, point)));
    Fraction least = onset.add(step);
    return at.compareTo(least) < 0 ? least : at;
  }
}
