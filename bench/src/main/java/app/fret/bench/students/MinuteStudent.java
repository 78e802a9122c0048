package app.fret.bench.students;

import java.util.Random;

/**
 * The first student and one passage: learns by repetition near the tempo that is just possible and
 * by the drill that fits the spot, forgets on days off, misses by chance and at a spot, tires, and
 * is harmed by playing much too fast. Tempos are logarithms of tempo over target.
 */
final class MinuteStudent implements Student {
  private static final double WIDTH = 0.07;
  private static final double GAIN_A_MINUTE = 0.0085;
  private static final double NEAR = 0.13;
  private static final double CEILING = 0.16;
  private static final double TOO_FAST = 0.12;
  private static final double HARM_A_MINUTE = 0.004;
  private static final double COLD = 0.05;
  private static final double FORGETS_A_DAY = 0.008;

  /** A single day without it costs less than those that follow. */
  private static final double FIRST_DAY_SHARE = 0.4;

  private static final double DRILL_A_MINUTE = 0.02;
  private static final double SPOT_A_CLEAN_PASS = 0.9995;

  /** Minutes of one passage in one day after which more of it brings little. */
  private static final double SATED_MINUTES = 10;

  private static final double RHYTHM_A_MINUTE = 0.004;
  private static final double TIRED_FROM_MINUTES = 45;
  private static final double TIRED_A_MINUTE = 0.002;

  private final Random random;
  private final Traits traits;
  private final double ease;
  private double skill;
  private double spot;
  private double minutesOfDay;
  private int daysWithout;

  /**
   * A student before a passage.
   *
   * @param start tempo that is just possible
   * @param spot chance to miss at its hard spot
   * @param ease how quickly this passage comes, 1 for usual
   */
  MinuteStudent(double start, double spot, double ease, Traits traits, Random random) {
    this.ease = ease;
    this.skill = start;
    this.spot = spot;
    this.traits = traits;
    this.random = random;
  }

  @Override
  public double chance(double tempo, boolean cold, double minutesToday) {
    double tired = Math.max(0, minutesToday - TIRED_FROM_MINUTES) * TIRED_A_MINUTE;
    double lead = skill - (cold ? COLD : 0) - tired - tempo;
    return 1 / (1 + Math.exp(-lead / (WIDTH * traits.errors()))) * (1 - spot);
  }

  @Override
  public Heard play(double tempo, boolean cold, double minutesToday, double minutes) {
    double clean = chance(tempo, cold, minutesToday);
    boolean isClean = random.nextDouble() < clean;
    boolean atSpot = !isClean && random.nextDouble() < spot / Math.max(1e-9, 1 - clean);
    double distance = (tempo - skill) / NEAR;
    double room = Math.max(0, CEILING - skill);
    double near = Math.exp(-distance * distance) * Math.min(1, room / 0.3);
    skill += gain() * GAIN_A_MINUTE * minutes * near;
    if (tempo > skill + TOO_FAST) {
      skill -= HARM_A_MINUTE * minutes;
    }
    spot *= isClean ? SPOT_A_CLEAN_PASS : 1;
    return new Heard(isClean, atSpot);
  }

  @Override
  public void spend(double minutes) {
    minutesOfDay += minutes;
  }

  private double gain() {
    return traits.learning() * ease * Math.exp(-minutesOfDay / SATED_MINUTES);
  }

  @Override
  public void drill(double minutes, boolean fits) {
    spot *= Math.exp(-traits.learning() * DRILL_A_MINUTE * minutes * (fits ? 1 : 0.2));
  }

  @Override
  public void rhythm(double minutes) {
    double room = Math.max(0, CEILING - skill);
    skill += gain() * RHYTHM_A_MINUTE * minutes * Math.min(1, room / 0.3);
  }

  @Override
  public void night(boolean played) {
    minutesOfDay = 0;
    daysWithout = played ? 0 : daysWithout + 1;
    double share = daysWithout == 1 ? FIRST_DAY_SHARE : 1;
    skill -= played ? 0 : traits.forgetting() * share * FORGETS_A_DAY;
  }
}
