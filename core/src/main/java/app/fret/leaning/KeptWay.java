package app.fret.leaning;

import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/**
 * A way that a player kept in place of the planned one.
 *
 * @param shares what it costs more than the planned one by each term, in effort; negative where it
 *     costs less
 */
public record KeptWay(Map<String, Double> shares) {
  /** A term below this share of all differences did not matter for the choice. */
  private static final double LEAST_PART = 0.15;

  public KeptWay {
    shares = Map.copyOf(shares);
  }

  /**
   * The way of which plans say so.
   *
   * @param shares what it costs more by each term
   * @param inForce the own weights the plans were made with; shares are kept as without them
   */
  public static KeptWay of(Map<String, Double> shares, OwnWeights inForce) {
    Map<String, Double> plain = new TreeMap<>();
    shares.forEach((term, share) -> plain.put(term, share / inForce.factor(term)));
    return new KeptWay(plain);
  }

  /** What it costs more than the planned one where terms are multiplied so. */
  double costs(ToDoubleFunction<String> factors) {
    return shares.entrySet().stream()
        .mapToDouble(s -> s.getValue() * factors.applyAsDouble(s.getKey()))
        .sum();
  }

  /** The same as a part of all its differences, −1 to 1 where no term is multiplied; 0 if none. */
  double part(ToDoubleFunction<String> factors) {
    double all = all();
    return all == 0 ? 0 : costs(factors) / all;
  }

  private double all() {
    return shares.values().stream().mapToDouble(Math::abs).sum();
  }

  /** 1 where it was kept although it costs more by a term, -1 where less, 0 where it hardly did. */
  int sign(String term) {
    double own = shares.getOrDefault(term, 0.0);
    return Math.abs(own) < LEAST_PART * all() ? 0 : (int) Math.signum(own);
  }
}
