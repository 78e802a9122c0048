package app.fret.tuning;

import app.fret.instrument.Instrument;
import app.fret.instrument.OpenString;
import app.fret.score.Step;
import java.util.Arrays;

/**
 * How far open strings tuned in pure fifths or fourths from A lie from equal temperament.
 *
 * <p>Each fifth away from A adds 1.955 cents, the difference of 3/2 from seven semitones.
 */
public final class OpenTuning {
  private static final double CENTS_PER_FIFTH = 1200 * Math.log(1.5) / Math.log(2) - 700;
  private static final Step[] LINE = {Step.F, Step.C, Step.G, Step.D, Step.A, Step.E, Step.B};
  private static final int FIFTHS_PER_SHARP = 7;

  private OpenTuning() {}

  /** Cents of an open string against equal temperament on the instrument's A. */
  public static double cents(Instrument instrument, int string) {
    OpenString open = instrument.strings().get(string - 1);
    Step letter = Step.valueOf(open.letter().substring(0, 1));
    String signs = open.letter().substring(1);
    int alter = signs.startsWith("#") ? signs.length() : -signs.length();
    return CENTS_PER_FIFTH * (fifths(letter, alter) - fifths(Step.A, 0));
  }

  /** Place on the line of fifths, F natural at 0. */
  static int fifths(Step letter, int alter) {
    return Arrays.asList(LINE).indexOf(letter) + FIFTHS_PER_SHARP * alter;
  }

  /** Cents by which a Pythagorean note differs from equal temperament, fifths above a tonic. */
  static double pythagoreanCents(int fifthsFromTonic) {
    return CENTS_PER_FIFTH * fifthsFromTonic;
  }
}
