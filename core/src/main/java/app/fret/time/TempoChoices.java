package app.fret.time;

import app.fret.score.Tempo;
import app.fret.score.TempoMap;

/**
 * What the player has decided of the tempo.
 *
 * @param target the tempo the passage is to go at
 */
public record TempoChoices(Tempo target) {
  /** How fast the passage goes at each of its moments. */
  public TempoMap tempos() {
    return TempoMap.constant(target);
  }

  /** The same with another target. */
  public TempoChoices withTarget(Tempo newTarget) {
    return new TempoChoices(newTarget);
  }
}
