package app.fret.practice.drill;

import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
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
    return made(source, notes, sheet -> addSet(source, source.timed(notes), sheet));
  }

  /** The whole set on every rung of the ladder. */
  static Optional<DrillMusic> climb(DrillSource source, Span notes) {
    return climb(source, notes, 0, source.ladder().rungs().size());
  }

  /**
   * The whole set on some rungs, each with its tempo.
   *
   * @param fromRung the lowest, from 0
   * @param sets on how many
   */
  public static Optional<DrillMusic> climb(DrillSource source, Span notes, int fromRung, int sets) {
    int rungs = source.ladder().rungs().size();
    return made(
        source,
        notes,
        sheet -> {
          for (int rung = fromRung; rung < Math.min(rungs, fromRung + sets); rung++) {
            sheet.tempo(source.ladder().tempo(rung));
            addSet(source, source.timed(notes), sheet);
          }
        });
  }

  private static Optional<DrillMusic> made(
      DrillSource source, Span notes, Consumer<Sheet> filling) {
    List<Integer> timed = source.timed(notes);
    if (timed.size() < 2) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, timed.get(0), source.isUneven(timed.get(0)));
    filling.accept(sheet);
    return Optional.of(sheet.finish());
  }

  /** Rhythms are bowed as the music is: slurs and the turns of the bow stay. */
  private static void addSet(DrillSource source, List<Integer> timed, Sheet sheet) {
    for (Rhythm rhythm : SET) {
      List<Fraction> lengths = lengths(source, timed, rhythm, source.keepsBeat());
      sheet.again();
      for (int i = 0; i < timed.size(); i++) {
        int note = timed.get(i);
        Fraction silence = source.silenceBefore(note);
        if (i > 0 && silence.signum() > 0) {
          sheet.add(Piece.rest(note, silence));
        }
        Piece piece = source.bowed(note).lasting(lengths.get(i));
        boolean slurs = piece.isSlurred() && i + 1 < timed.size();
        sheet.add((i == 0 ? piece.saying(rhythm.words()) : piece).slurred(slurs));
      }
      sheet.endBar();
    }
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
