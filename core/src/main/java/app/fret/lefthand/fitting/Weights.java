package app.fret.lefthand.fitting;

import app.fret.lefthand.effort.Profile;
import java.util.Map;
import java.util.TreeMap;

/**
 * Weights of the terms: one for each term, times one for each term of a profile that leans another
 * way. All are positive, so that no term changes its sign.
 *
 * @param ofTerms weight by term; a term that is missing counts once
 * @param ofProfiles by profile: what its terms are multiplied with; a term that is missing once
 */
public record Weights(Map<String, Double> ofTerms, Map<String, Map<String, Double>> ofProfiles) {
  public Weights {
    ofTerms = new TreeMap<>(ofTerms);
    ofProfiles = new TreeMap<>(ofProfiles);
  }

  /** The profile with these weights. */
  public Profile profile(Profile named) {
    Map<String, Double> all = new TreeMap<>(ofTerms);
    ofProfiles
        .getOrDefault(named.name(), Map.of())
        .forEach((term, times) -> all.merge(term, times, (one, other) -> one * other));
    return new Profile(named.name(), named.label(), all);
  }
}
