package app.fret.practice;

import app.fret.score.Passage;
import app.fret.score.PlayOrder;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import app.fret.time.TempoChoices;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How a passage is worked up.
 *
 * @param audition tempo to play it at on the occasion: in an audition one metronome step below the
 *     target, see {@link TempoChoices#isStepBelow()}
 * @param ladder rungs to the target
 * @param passSeconds seconds one pass takes on each rung
 */
public record PracticePlan(Tempo audition, Ladder ladder, List<Double> passSeconds) {
  private static final double SECONDS_A_MINUTE = 60;

  public PracticePlan {
    passSeconds = List.copyOf(passSeconds);
  }

  /**
   * The plan of a passage, from what is clean today if that is known. Repeats count in the seconds
   * of a pass, and every rung keeps the proportions of its places.
   *
   * @param tempos how fast it goes at the target
   */
  public static PracticePlan of(
      Passage passage, TempoMap tempos, TempoChoices choices, OptionalDouble cleanToday) {
    Tempo target = choices.target();
    Ladder ladder = Ladder.to(target, cleanToday);
    double atTarget = PlayOrder.seconds(passage, tempos);
    return new PracticePlan(
        choices.isStepBelow() ? target.at(MetronomeScale.stepBelow(target.perMinute())) : target,
        ladder,
        ladder.rungs().stream().map(rung -> atTarget * target.perMinute() / rung).toList());
  }

  /**
   * Minutes of the rhythm set at every rung in one sitting.
   *
   * @param shares how much longer each pass of the set takes than a straight one
   */
  public double wholeClimbMinutes(List<Double> shares) {
    double set = shares.stream().mapToDouble(s -> s).sum();
    return passSeconds.stream().mapToDouble(s -> set * s).sum() / SECONDS_A_MINUTE;
  }

  /**
   * Seconds that one pass takes at a tempo in the target's beat, repeats played and all places in
   * proportion.
   *
   * @param tempos how fast it goes at the target
   */
  public static double passSeconds(Passage passage, TempoMap tempos, Tempo target, Tempo tempo) {
    double slower = target.perMinute() / tempo.in(target.beat()).perMinute();
    return PlayOrder.seconds(passage, tempos) * slower;
  }
}
