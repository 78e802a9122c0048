package app.fret.bench.students;

import java.util.Random;

/**
 * The second student and one passage, written from a description alone and not fitted: learns only
 * by clean passes near the edge of what it can, keeps what it was before the night but for a part
 * of the day's gain, forgets faster the longer it does not play, and misses at the first note of a
 * hard spot, which a miss there makes more of a habit.
 */
final class CleanPassStudent implements Student {
  private static final double WIDTH = 0.08;
  private static final double GAIN_A_CLEAN_PASS = 0.016;
  private static final double USUAL_PASS_MINUTES = 0.6;
  private static final double NEAR = 0.12;
  private static final double CEILING = 0.2;
  private static final double COLD = 0.04;
  private static final double LOST_OVERNIGHT = 0.25;
  private static final double FORGETS_A_DAY = 0.006;
  private static final double SATED_PASSES = 16;
  private static final double DRILL_A_MINUTE = 0.03;
  private static final double SPOT_A_CLEAN_PASS = 0.985;
  private static final double SPOT_A_MISS = 0.004;
  private static final double MOST_SPOT = 0.6;
  private static final double RHYTHM_A_MINUTE = 0.003;
  private static final double TIRED_FROM_MINUTES = 50;
  private static final double TIRED_A_MINUTE = 0.002;

  private final Random random;
  private final Traits traits;
  private final double ease;
  private double skill;
  private double spot;
  private double gainedToday;
  private int cleanToday;
  private int daysWithout;

  CleanPassStudent(double start, double spot, double ease, Traits traits, Random random) {
    this.skill = start;
    this.spot = spot;
    this.ease = ease;
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
    if (random.nextDouble() < clean) {
      cleanToday++;
      spot *= SPOT_A_CLEAN_PASS;
      double away = (tempo - skill) / NEAR;
      gain(GAIN_A_CLEAN_PASS * Math.sqrt(minutes / USUAL_PASS_MINUTES) * Math.exp(-away * away));
      return new Heard(true, false);
    }
    boolean atSpot = random.nextDouble() < spot / Math.max(1e-9, 1 - clean);
    spot = atSpot ? Math.min(MOST_SPOT, spot + SPOT_A_MISS) : spot;
    return new Heard(false, atSpot);
  }

  private void gain(double usual) {
    double room = Math.max(0, CEILING - skill);
    double sated = Math.exp(-cleanToday / SATED_PASSES);
    double gained = usual * traits.learning() * ease * sated * Math.min(1, room / 0.3);
    skill += gained;
    gainedToday += gained;
  }

  @Override
  public void spend(double minutes) {
    // Minutes teach nothing by themselves.
  }

  @Override
  public void drill(double minutes, boolean fits) {
    spot *= Math.exp(-traits.learning() * DRILL_A_MINUTE * minutes * (fits ? 1 : 0.2));
  }

  @Override
  public void rhythm(double minutes) {
    gain(RHYTHM_A_MINUTE * minutes);
  }

  @Override
  public void night(boolean played) {
    daysWithout = played ? 0 : daysWithout + 1;
    double lost = played ? LOST_OVERNIGHT * gainedToday : FORGETS_A_DAY * Math.sqrt(daysWithout);
    skill -= traits.forgetting() * lost;
    gainedToday = 0;
    cleanToday = 0;
  }
}
