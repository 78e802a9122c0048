package app.fret.bench.students;

import java.util.Random;

/** One invented student and one passage. Tempos are logarithms of tempo over target. */
interface Student {
  /** A cold pass at the target that is clean as often as this counts as ready. */
  double READY = 0.6;

  /**
   * How a student differs from the usual one.
   *
   * @param learning times the usual gain
   * @param forgetting times the usual loss
   * @param errors times the usual width of chance
   * @param byCleanPasses whether it is the second student, who learns by clean passes alone
   */
  record Traits(double learning, double forgetting, double errors, boolean byCleanPasses) {
    static final Traits USUAL = new Traits(1, 1, 1, false);
    static final Traits SECOND = new Traits(1, 1, 1, true);
  }

  /** What a pass gave. */
  record Heard(boolean clean, boolean atSpot) {}

  /**
   * A student before a passage.
   *
   * @param start tempo that is just possible
   * @param spot chance to miss at its hard spot
   * @param ease how quickly this passage comes, 1 for usual
   */
  static Student of(double start, double spot, double ease, Traits traits, Random random) {
    return traits.byCleanPasses()
        ? new CleanPassStudent(start, spot, ease, traits, random)
        : new MinuteStudent(start, spot, ease, traits, random);
  }

  /** Chance that a pass is clean. */
  double chance(double tempo, boolean cold, double minutesToday);

  /**
   * Plays it once.
   *
   * @param tempo logarithm of the tempo over the target
   * @param minutesToday minutes played today before, of anything
   * @param minutes how long the pass takes
   */
  Heard play(double tempo, boolean cold, double minutesToday, double minutes);

  /** Takes minutes of this passage: the more there were today, the less the next bring. */
  void spend(double minutes);

  /** A drill that fits works on the spot; another is slow practice. */
  void drill(double minutes, boolean fits);

  void rhythm(double minutes);

  void night(boolean played);

  /** Whether a cold pass at the target would more likely than not be clean. */
  default boolean isReady() {
    return chance(0, true, 0) >= READY;
  }
}
