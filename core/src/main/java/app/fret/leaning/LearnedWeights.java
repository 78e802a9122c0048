package app.fret.leaning;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * A term that weighs otherwise for a player, since their choices said so again and again.
 *
 * <p>Problem: the fewest changes of weights under which the ways that were kept no longer cost more
 * than what was planned. Method: greedy, a step of a quarter at a time. A term may move while, of
 * the ways that are still too dear, those with more of it lead against those with less by three or
 * more, the same lead that decides a trial of two ways; of these the step that takes most from what
 * the ways cost too much, each measured against all its differences and with a small margin. A step
 * that takes less than a fifth of one way's differences is not worth a sentence. Guarantee: it
 * ends, since each step lessens the loss and no weight moves by more than four steps or turns back;
 * a choice that the weights explain already moves nothing. Cost: O(steps x ways x terms). Source:
 * coordinate descent on the hinge loss of a ranking (Joachims, Optimizing search engines using
 * clickthrough data, 2002); the figures are chosen for being told in a sentence.
 *
 * @param term name of the term
 * @param factor what its weight is multiplied with, 0.41 to 2.44
 * @param more how many ways were kept that cost more by it
 * @param less how many that cost less
 */
public record LearnedWeights(String term, double factor, int more, int less) {
  private static final int LEAD = 3;
  private static final double STEP = 1.25;
  private static final int MOST_STEPS = 4;

  /** How far below the planned way a kept one should come, as a part of all their differences. */
  private static final double MARGIN = 0.05;

  /** What a step has to take away, in whole differences of a way. */
  private static final double LEAST_GAIN = 0.2;

  private static final double ROUNDING = 1e-9;

  /** The terms that weigh otherwise after these choices, by name. */
  public static List<LearnedWeights> of(List<KeptWay> kept) {
    SortedMap<String, Integer> steps = new TreeMap<>();
    kept.forEach(way -> way.shares().keySet().forEach(term -> steps.put(term, 0)));
    Optional<Step> next = next(kept, steps);
    while (next.isPresent()) {
      steps.merge(next.get().term(), next.get().direction(), Integer::sum);
      next = next(kept, steps);
    }
    List<LearnedWeights> leanings = new ArrayList<>();
    steps.forEach(
        (term, count) -> {
          if (count != 0) {
            leanings.add(
                new LearnedWeights(
                    term, factor(count), signs(term, kept, 1), signs(term, kept, -1)));
          }
        });
    return List.copyOf(leanings);
  }

  private record Step(String term, int direction) {}

  /**
   * The step that explains most; of equal ones the first by name. None turns back: two terms that
   * explain the same ways would push each other to and fro for ever.
   */
  private static Optional<Step> next(List<KeptWay> kept, SortedMap<String, Integer> steps) {
    List<KeptWay> left = tooDear(kept, steps);
    double now = loss(kept, steps);
    Optional<Step> best = Optional.empty();
    double most = LEAST_GAIN;
    for (String term : steps.keySet()) {
      Step step = new Step(term, direction(term, left));
      if (Math.abs(lead(term, left)) >= LEAD && isFree(step, steps)) {
        SortedMap<String, Integer> moved = new TreeMap<>(steps);
        moved.merge(term, step.direction(), Integer::sum);
        double gain = now - loss(kept, moved);
        if (gain > most + ROUNDING) {
          best = Optional.of(step);
          most = gain;
        }
      }
    }
    return best;
  }

  private static boolean isFree(Step step, Map<String, Integer> steps) {
    int so = steps.get(step.term());
    return so * step.direction() >= 0 && Math.abs(so + step.direction()) <= MOST_STEPS;
  }

  /** What the kept ways cost too much, each as a part of all its differences. */
  private static double loss(List<KeptWay> kept, Map<String, Integer> steps) {
    return kept.stream()
        .mapToDouble(way -> Math.max(0, way.part(term -> factor(steps.get(term))) + MARGIN))
        .sum();
  }

  private static List<KeptWay> tooDear(List<KeptWay> kept, Map<String, Integer> steps) {
    return kept.stream().filter(w -> w.costs(term -> factor(steps.get(term))) > 0).toList();
  }

  private static int lead(String term, List<KeptWay> ways) {
    return signs(term, ways, 1) - signs(term, ways, -1);
  }

  private static int direction(String term, List<KeptWay> ways) {
    return -Integer.signum(lead(term, ways));
  }

  private static int signs(String term, List<KeptWay> ways, int sign) {
    return (int) ways.stream().filter(w -> w.sign(term) == sign).count();
  }

  private static double factor(int steps) {
    return Math.pow(STEP, steps);
  }

  /** What the weights of a player with these leanings are multiplied with. */
  public static OwnWeights weights(List<LearnedWeights> leanings) {
    Map<String, Double> factors = new TreeMap<>();
    leanings.forEach(l -> factors.put(l.term(), l.factor()));
    return new OwnWeights(factors);
  }
}
