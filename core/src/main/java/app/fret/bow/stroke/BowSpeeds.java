package app.fret.bow.stroke;

/**
 * Speeds of the bow by level.
 *
 * <p>Usual speeds are of the order of size that Askenfelt measured (JASA 1986, 1989); the slowest
 * were found by trying passages. In between they follow their logarithms.
 */
public final class BowSpeeds {
  /** Less is lost in saying it in whole cm. */
  private static final double ROUNDING_CM = 0.5;

  /** What a player can still do beside the usual speed, by pressing less. */
  static final double FASTEST_BESIDE_USUAL = 1.7;

  private static final double[] USUAL_CM = {7, 9, 12, 18, 25, 32, 45, 65, 70, 75};
  private static final double[] SLOWEST_CM = {3.5, 4, 5, 6.5, 8.5, 10.5, 13.5, 17, 19, 20};

  private BowSpeeds() {}

  /** Usual speed in cm/s at a level from 1 to 10. */
  public static double usualCmPerSecond(double level) {
    return between(USUAL_CM, level);
  }

  /** Slowest speed in cm/s at which a level still sounds full, by weight. */
  public static double slowestCmPerSecond(double level) {
    return between(SLOWEST_CM, level);
  }

  private static double between(double[] table, double level) {
    double place = Math.max(0, Math.min(table.length - 1, level - 1));
    int lower = (int) Math.min(table.length - 2, Math.floor(place));
    double share = place - lower;
    return table[lower] * Math.pow(table[lower + 1] / table[lower], share);
  }

  /**
   * Whether a stroke needs more than the hair there is: the last centimetre is hair, too.
   *
   * @param slowestCm what it needs at its slowest, in cm
   * @param hairCm length of the hair, in cm
   */
  public static boolean runsOut(double slowestCm, double hairCm) {
    return slowestCm > hairCm + ROUNDING_CM;
  }
}
