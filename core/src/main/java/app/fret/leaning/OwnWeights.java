package app.fret.leaning;

import java.util.Map;
import java.util.TreeMap;

/**
 * What a player's own choices multiply the weights of effort terms with, whatever the profile.
 *
 * @param factors factor by the name of a term, above 0; a term that is missing counts as it is
 */
public record OwnWeights(Map<String, Double> factors) {
  /** Every term counts as the profile says. */
  public static final OwnWeights NONE = new OwnWeights(Map.of());

  public OwnWeights {
    factors = Map.copyOf(factors);
    if (factors.values().stream().anyMatch(f -> !(f > 0) || f.isInfinite())) {
      throw new IllegalArgumentException("a factor of a weight is a number above 0");
    }
  }

  /** What the weight of a term is multiplied with. */
  public double factor(String term) {
    return factors.getOrDefault(term, 1.0);
  }

  /** The same with a term that counts as the profile says. */
  public OwnWeights without(String term) {
    Map<String, Double> fewer = new TreeMap<>(factors);
    fewer.remove(term);
    return new OwnWeights(fewer);
  }

  /** Whether no term counts otherwise than the profile says. */
  public boolean isNone() {
    return factors.isEmpty();
  }

  /** The factors in the order of their terms, such as {@code open-string 1.25 shift 0.8}. */
  @Override
  public String toString() {
    StringBuilder text = new StringBuilder();
    new TreeMap<>(factors)
        .forEach((term, f) -> text.append(' ').append(term).append(' ').append(f));
    return text.toString().strip();
  }

  /**
   * Reads what {@link #toString()} wrote.
   *
   * @throws IllegalArgumentException when it is nothing of the kind
   */
  public static OwnWeights parse(String text) {
    String[] words = text.isBlank() ? new String[0] : text.strip().split(" +");
    if (words.length % 2 != 0) {
      throw new IllegalArgumentException("'" + text + "' names a term without its factor");
    }
    Map<String, Double> factors = new TreeMap<>();
    for (int i = 0; i < words.length; i += 2) {
      factors.put(words[i], Double.valueOf(words[i + 1]));
    }
    return new OwnWeights(factors);
  }
}
