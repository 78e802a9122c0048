package app.fret.files.midi;

import app.fret.score.Key;

/**
 * Finds the key of music that states none: the one whose profile of tone weights its own tones
 * follow best (Krumhansl and Kessler, 1982; the weights are from memory).
 */
final class KeyFinder {
  private static final int TWELVE = 12;
  private static final int MINOR_ABOVE = 3;
  private static final int MOST_SIGNS = 6;
  private static final double[] MAJOR = {
    6.35, 2.23, 3.48, 2.33, 4.38, 4.09, 2.52, 5.19, 2.39, 3.66, 2.29, 2.88
  };
  private static final double[] MINOR = {
    6.33, 2.68, 3.52, 5.38, 2.60, 3.53, 2.54, 4.75, 3.98, 2.69, 3.34, 3.17
  };

  private KeyFinder() {}

  /**
   * A key.
   *
   * @param key its signature
   * @param minor whether it is the minor one
   */
  record Found(Key key, boolean minor) {}

  /**
   * The likeliest key.
   *
   * @param weights by pitch class from C: how long it sounds in all
   */
  static Found of(double[] weights) {
    Found best = new Found(new Key(0), false);
    double highest = Double.NEGATIVE_INFINITY;
    for (int fifths = -MOST_SIGNS; fifths <= MOST_SIGNS; fifths++) {
      int tonic = Math.floorMod(fifths * 7, TWELVE);
      double major = correlation(weights, MAJOR, tonic);
      double minor = correlation(weights, MINOR, Math.floorMod(tonic - MINOR_ABOVE, TWELVE));
      if (Math.max(major, minor) > highest) {
        highest = Math.max(major, minor);
        best = new Found(new Key(fifths), minor > major);
      }
    }
    return best;
  }

  private static double correlation(double[] weights, double[] profile, int tonic) {
    double sumW = 0;
    double sumP = 0;
    for (int i = 0; i < TWELVE; i++) {
      sumW += weights[i];
      sumP += profile[i];
    }
    double both = 0;
    double squareW = 0;
    double squareP = 0;
    for (int i = 0; i < TWELVE; i++) {
      double w = weights[(tonic + i) % TWELVE] - sumW / TWELVE;
      double p = profile[i] - sumP / TWELVE;
      both += w * p;
      squareW += w * w;
      squareP += p * p;
    }
    return squareW == 0 ? 0 : both / Math.sqrt(squareW * squareP);
  }
}
