package app.fret.practice.schedule;

import java.util.Comparator;

/** Draws by lot from a seed, the same each time. */
final class Lot {
  private Lot() {}

  /** A number drawn for an id. Source: the finaliser of SplitMix64, Steele 2014. */
  static long number(long seed, String id) {
    long mixed = seed * 31 + id.hashCode();
    mixed = (mixed ^ mixed >>> 30) * 0xBF58476D1CE4E5B9L;
    mixed = (mixed ^ mixed >>> 27) * 0x94D049BB133111EBL;
    return mixed ^ mixed >>> 31;
  }

  /** An order of ids drawn from a seed. */
  static Comparator<String> order(long seed) {
    return Comparator.comparingLong((String id) -> number(seed, id))
        .thenComparing(Comparator.naturalOrder());
  }
}
