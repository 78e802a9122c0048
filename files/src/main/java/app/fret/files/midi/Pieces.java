package app.fret.files.midi;

import app.fret.score.Metre;
import app.fret.score.WrittenLength;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/** Divides a length into note values so that the beats of the bar can be seen. */
final class Pieces {
  private Pieces() {}

  /**
   * The values of a note or rest.
   *
   * @param from where it begins in its bar
   * @param length how long it lasts, within the bar
   */
  static List<WrittenLength> of(Fraction from, Fraction length, Metre metre) {
    List<WrittenLength> pieces = new ArrayList<>();
    Fraction at = from;
    Fraction end = from.add(length);
    while (at.compareTo(end) < 0) {
      Fraction left = end.subtract(at);
      Fraction beatEnd = beatEnd(at, metre);
      Fraction inBeat = beatEnd.compareTo(end) < 0 ? beatEnd.subtract(at) : left;
      Fraction taken = isReadable(at, left, metre) ? left : inBeat;
      pieces.addAll(WrittenLength.filling(taken));
      at = at.add(taken);
    }
    return pieces;
  }

  /** One value that begins on a beat, stays within one, or is a plain syncopation. */
  private static boolean isReadable(Fraction at, Fraction length, Metre metre) {
    WrittenLength single = WrittenLength.longestWithin(length);
    boolean isSingle =
        single.length().equals(length) && single.ratio().isNone() && single.dots() <= 1;
    Fraction start = beatStart(at, metre);
    boolean onBeat = start.equals(at);
    boolean within = at.add(length).compareTo(beatEnd(at, metre)) <= 0;
    Fraction beat = beatEnd(at, metre).subtract(start);
    boolean syncopated = length.equals(beat) && at.subtract(start).multiply(2).equals(beat);
    return isSingle && (onBeat || within || syncopated);
  }

  private static Fraction beatStart(Fraction at, Metre metre) {
    Fraction start = Fraction.ZERO;
    for (Fraction beat : metre.beats()) {
      if (start.add(beat).compareTo(at) > 0) {
        break;
      }
      start = start.add(beat);
    }
    return start;
  }

  private static Fraction beatEnd(Fraction at, Metre metre) {
    Fraction end = Fraction.ZERO;
    for (Fraction beat : metre.beats()) {
      end = end.add(beat);
      if (end.compareTo(at) > 0) {
        return end;
      }
    }
    return metre.barLength();
  }
}
