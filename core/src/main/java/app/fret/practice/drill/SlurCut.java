package app.fret.practice.drill;

import app.fret.score.Metre;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * How many bows a slur takes where it is practised slowest: one bow lasts about eleven seconds in
 * p, eight in mf and six and a half in f before it runs thin (common practice, no source).
 */
final class SlurCut {
  private static final double PIANO = 4;
  private static final double SECONDS_IN_PIANO = 11;
  private static final double SECONDS_LESS_A_LEVEL = 1.5;
  private static final double FEWEST_SECONDS = 4;

  /** A cut off the beat is as bad as one so many seconds away from equal shares. */
  private static final double OFF_THE_BEAT_SECONDS = 2.5;

  private SlurCut() {}

  /**
   * An event on the sheet.
   *
   * @param onset when
   * @param length how long
   * @param isTied whether it goes on from the one before
   */
  record Laid(Fraction onset, Fraction length, boolean isTied) {}

  /**
   * The bows of a slur, in order, together all its events.
   *
   * @param note number of the note it begins with
   */
  static List<Span> of(
      DrillSource source, Metre metre, Span slur, int note, IntFunction<Laid> laid) {
    Fraction start = laid.apply(slur.first()).onset();
    Laid end = laid.apply(slur.last());
    double seconds = source.slowestSeconds(end.onset().add(end.length()).subtract(start));
    int bows = (int) Math.ceil(seconds / mostSeconds(source.level(note)));
    List<Span> cut = new ArrayList<>();
    int from = slur.first();
    for (int bow = 1; bow < bows; bow++) {
      int at =
          cutNear(source, metre, new Span(from, slur.last()), laid, start, seconds / bows * bow);
      if (at > from) {
        cut.add(new Span(from, at - 1));
        from = at;
      }
    }
    cut.add(new Span(from, slur.last()));
    return cut;
  }

  private static double mostSeconds(double level) {
    return Math.max(FEWEST_SECONDS, SECONDS_IN_PIANO - SECONDS_LESS_A_LEVEL * (level - PIANO));
  }

  private static int cutNear(
      DrillSource source,
      Metre metre,
      Span left,
      IntFunction<Laid> laid,
      Fraction start,
      double wantedSeconds) {
    int best = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int event = left.first() + 1; event <= left.last(); event++) {
      Laid here = laid.apply(event);
      double away = source.slowestSeconds(here.onset().subtract(start)) - wantedSeconds;
      double off = isBeat(metre, here.onset()) ? 0 : OFF_THE_BEAT_SECONDS;
      if (!here.isTied() && Math.abs(away) + off < least) {
        least = Math.abs(away) + off;
        best = event;
      }
    }
    return best;
  }

  private static boolean isBeat(Metre metre, Fraction onset) {
    Fraction place = onset;
    while (place.compareTo(metre.barLength()) >= 0) {
      place = place.subtract(metre.barLength());
    }
    Fraction beat = Fraction.ZERO;
    for (Fraction length : metre.beats()) {
      if (beat.equals(place)) {
        return true;
      }
      beat = beat.add(length);
    }
    return false;
  }
}
