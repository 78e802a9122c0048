package app.fret.lefthand.effort;

import app.fret.leaning.OwnWeights;
import app.fret.lefthand.effort.term.EffortTerm;
import java.util.Map;

/**
 * What a fingering is to be good for: a weight for each effort term.
 *
 * @param name key, such as {@code secure}
 * @param label name on screen
 * @param weights weight by term name; a term without a weight counts once
 * @param own what a player's own choices multiply the weights with
 */
public record Profile(String name, String label, Map<String, Double> weights, OwnWeights own) {
  /** A profile as it counts for everybody. */
  public Profile(String name, String label, Map<String, Double> weights) {
    this(name, label, weights, OwnWeights.NONE);
  }

  public Profile {
    weights = Map.copyOf(weights);
  }

  /** Whether a term has any weight. */
  public boolean counts(EffortTerm term) {
    return weight(term) != 0;
  }

  /** Weight of a term. */
  public double weight(EffortTerm term) {
    return weights.getOrDefault(term.name(), 1.0) * own.factor(term.name());
  }

  /** The same profile with a player's own weights in place of any others. */
  public Profile with(OwnWeights newOwn) {
    return new Profile(name, label, weights, newOwn);
  }
}
