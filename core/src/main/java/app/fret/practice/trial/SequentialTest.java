package app.fret.practice.trial;

/**
 * Bounds of the sequential probability ratio test on pairs of which one is clean and the other
 * missed. Source: Wald, Sequential Tests of Statistical Hypotheses, 1945 (from memory).
 */
public final class SequentialTest {
  private SequentialTest() {}

  /**
   * Pairs by which one way must lead.
   *
   * @param error share of wrong decisions that is accepted, above 0 and below one half
   * @param oddsRatio odds of the better way over those of the other from which one wants to tell
   *     them apart, above 1
   */
  public static int lead(double error, double oddsRatio) {
    if (!(error > 0 && error < 0.5 && oddsRatio > 1)) {
      throw new IllegalArgumentException(
          "an error of " + error + " at odds of " + oddsRatio + " to 1 bounds nothing");
    }
    return (int) Math.ceil(Math.log((1 - error) / error) / Math.log(oddsRatio));
  }
}
