package app.fret.practice.drill;

import app.fret.score.Marks;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * The rhythm set: straight, four rhythms, straight again (common practice, no source).
 *
 * <p>The short note of a rhythm is the printed value, so that a pass of equal notes takes 2, 2, 1.5
 * and 1.5 times the straight one; keeping the beat, each group takes what it takes in print. Runs
 * of equal notes take the rhythm; what stands alone keeps its length.
 */
public final class RhythmDrills {
  /** One rhythm of the set. */
  public enum Rhythm {
    STRAIGHT("straight", 1),
    LONG_SHORT("long, short", 3, 1),
    SHORT_LONG("short, long", 1, 3),
    LONG_THREE_SHORT("long, three short", 3, 1, 1, 1),
    TWO_SHORT_TWO_LONG("two short, two long", 1, 1, 2, 2);

    private final String words;
    private final int[] units;

    Rhythm(String words, int... units) {
      this.words = words;
      this.units = units;
    }

    /** What it is called on the page. */
    public String words() {
      return words;
    }

    private int sum() {
      int sum = 0;
      for (int unit : units) {
        sum += unit;
      }
      return sum;
    }
  }

  /** The set in order. */
  public static final List<Rhythm> SET =
      List.of(
          Rhythm.STRAIGHT,
          Rhythm.LONG_SHORT,
          Rhythm.SHORT_LONG,
          Rhythm.LONG_THREE_SHORT,
          Rhythm.TWO_SHORT_TWO_LONG,
          Rhythm.STRAIGHT);

  private RhythmDrills() {}

  /** The whole set, one rhythm behind the other. */
  static Optional<DrillMusic> rhythm(DrillSource source, Span notes) {
    return set(source, notes, false);
  }

  /**
   * The whole set.
   *
   * @param keepsBeat whether each group takes what it takes in print
   */
  public static Optional<DrillMusic> set(DrillSource source, Span notes, boolean keepsBeat) {
    List<Integer> timed = source.timed(notes);
    if (timed.size() < 2) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, timed.get(0), false);
    for (Rhythm rhythm : SET) {
      List<Fraction> lengths = lengths(source, timed, rhythm, keepsBeat);
      for (int i = 0; i < timed.size(); i++) {
        Piece piece = source.plain(timed.get(i)).lasting(lengths.get(i));
        piece = i == 0 ? piece.saying(rhythm.words()) : piece.marked(Marks.NONE);
        sheet.add(piece);
      }
      sheet.endBar();
    }
    return Optional.of(sheet.finish());
  }

  /**
   * How much longer each rhythm takes than the notes as they are printed.
   *
   * @return one figure for each of {@link #SET}
   */
  public static List<Double> shares(DrillSource source, Span notes) {
    List<Integer> timed = source.timed(notes);
    double straight = sum(lengths(source, timed, Rhythm.STRAIGHT, false));
    List<Double> shares = new ArrayList<>();
    for (Rhythm rhythm : SET) {
      shares.add(straight == 0 ? 1 : sum(lengths(source, timed, rhythm, false)) / straight);
    }
    return shares;
  }

  private static double sum(List<Fraction> lengths) {
    return lengths.stream().mapToDouble(Fraction::doubleValue).sum();
  }

  private static List<Fraction> lengths(
      DrillSource source, List<Integer> timed, Rhythm rhythm, boolean keepsBeat) {
    List<Fraction> lengths = new ArrayList<>();
    int at = 0;
    while (at < timed.size()) {
      int group = rhythm.units.length;
      boolean equal = at + group <= timed.size() && areEqual(source, timed, at, group);
      int taken = equal ? group : 1;
      for (int i = 0; i < taken; i++) {
        Fraction printed = source.note(timed.get(at + i)).length();
        Fraction unit = keepsBeat ? printed.multiply(group).divide(rhythm.sum()) : printed;
        lengths.add(equal ? unit.multiply(rhythm.units[i]) : printed);
      }
      at += taken;
    }
    return lengths;
  }

  /** Whether so many notes from here are of one length, with no rest between. */
  private static boolean areEqual(DrillSource source, List<Integer> timed, int from, int count) {
    for (int i = from + 1; i < from + count; i++) {
      boolean same =
          source.note(timed.get(i)).length().equals(source.note(timed.get(from)).length());
      boolean follows =
          source.note(timed.get(i)).onset().equals(source.note(timed.get(i - 1)).end());
      if (!same || !follows) {
        return false;
      }
    }
    return true;
  }
}
