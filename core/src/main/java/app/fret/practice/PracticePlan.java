package app.fret.practice;

import app.fret.score.Passage;
import app.fret.score.PlayOrder;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How a passage is worked up.
 *
 * @param audition tempo to play it at in an audition: one metronome step below the target
 * @param ladder rungs to the target
 * @param passSeconds seconds one pass takes on each rung
 */
public record PracticePlan(Tempo audition, Ladder ladder, List<Double> passSeconds) {
  public PracticePlan {
    passSeconds = List.copyOf(passSeconds);
  }

  /**
   * The plan of a passage for a target tempo, from what is clean today if that is known. Repeats
   * count in the seconds of a pass.
   */
  public static PracticePlan of(Passage passage, Tempo target, OptionalDouble cleanToday) {
    Ladder ladder = Ladder.to(target, cleanToday);
    return new PracticePlan(
        target.at(MetronomeScale.stepBelow(target.perMinute())),
        ladder,
        ladder.rungs().stream().map(rung -> passSeconds(passage, target.at(rung))).toList());
  }

  /** Seconds that one pass takes at a tempo, repeats played. */
  public static double passSeconds(Passage passage, Tempo tempo) {
    return PlayOrder.seconds(passage, TempoMap.constant(tempo));
  }
}
