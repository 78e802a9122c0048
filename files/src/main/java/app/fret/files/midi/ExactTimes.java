package app.fret.files.midi;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Notated places of notes that a program wrote out: their ticks are note values already, but for
 * the rounding to whole ticks.
 */
final class ExactTimes {
  /** Coarser ticks could be read as anything. */
  private static final int FINE_ENOUGH = 96;

  private static final double ROUNDING_TICKS = 0.51;
  private static final double NEARLY_TO_NEXT = 0.25;

  /** Into how many parts a quarter may be divided. */
  private static final int[] PARTS = {1, 2, 4, 8, 16, 32, 3, 6, 12, 24, 5, 10, 20, 7, 14, 28};

  private static final double OVERLAP_QUARTERS = 0.1;

  private final int ticksPerQuarter;
  private int cut;

  ExactTimes(int ticksPerQuarter) {
    this.ticksPerQuarter = ticksPerQuarter;
  }

  /** How many notes were cut short because the next began. */
  int cut() {
    return cut;
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

  /**
   * The notes at their places; empty when they are played ones.
   *
   * @param end when the last bar is over
   */
  Optional<List<Quantiser.Placed>> place(List<MidiPart.Note> notes, Fraction end) {
    TreeMap<Fraction, List<MidiPart.Note>> byOnset = new TreeMap<>();
    for (MidiPart.Note note : notes) {
      Optional<Fraction> onset = at(note.on());
      if (ticksPerQuarter < FINE_ENOUGH || onset.isEmpty()) {
        return Optional.empty();
      }
      byOnset.computeIfAbsent(onset.get(), o -> new ArrayList<>()).add(note);
    }
    List<Quantiser.Placed> placed = new ArrayList<>();
    for (var at : byOnset.entrySet()) {
      Fraction next = byOnset.higherKey(at.getKey());
      placed.add(placed(at.getKey(), at.getValue(), next == null ? end : next));
    }
    return Optional.of(placed);
  }

  private Quantiser.Placed placed(Fraction onset, List<MidiPart.Note> notes, Fraction limit) {
    long off = notes.stream().mapToLong(MidiPart.Note::off).max().orElseThrow();
    List<Integer> pitches = notes.stream().map(MidiPart.Note::pitch).distinct().toList();
    return new Quantiser.Placed(onset, end(onset, off, limit), pitches);
  }

  /** A note that is let go a little early lasts to the next; else it ends where it says. */
  private Fraction end(Fraction onset, long off, Fraction limit) {
    double gap = 4 * limit.doubleValue() - (double) off / ticksPerQuarter;
    double whole = 4 * limit.subtract(onset).doubleValue();
    cut += gap < -OVERLAP_QUARTERS ? 1 : 0;
    Optional<Fraction> exact = at(off).filter(end -> end.compareTo(onset) > 0);
    if (gap <= 0 || exact.isEmpty() && gap < NEARLY_TO_NEXT * whole) {
      return limit;
    }
    if (exact.isPresent()) {
      return exact.get();
    }
    Fraction sixteenth = Fraction.of(1, 16);
    double length = (double) off / ticksPerQuarter - 4 * onset.doubleValue();
    Fraction ended = onset.add(sixteenth.multiply((int) Math.max(1, Math.round(length * 4))));
    return ended.compareTo(limit) > 0 ? limit : ended;
  }
}
