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
 * than what was planned. Method: greedy, a step at a time. Of the ways that are still too dear,
 * those with more of a term are counted against those with less; the term of the greatest lead
 * moves by a step of a quarter, as long as some lead is three or more, the same lead that decides a
 * trial of two ways. Guarantee: it ends, since no weight moves by more than four steps; a choice
 * that the weights explain already moves nothing. Cost: O(steps x ways x terms). Source: coordinate
 * descent on the errors of a ranking; the figures are chosen for being told in a sentence.
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

  /** The terms that weigh otherwise after these choices, by name. */
  public static List<LearnedWeights> of(List<KeptWay> kept) {
    SortedMap<String, Integer> steps = new TreeMap<>();
    kept.forEach(way -> way.shares().keySet().forEach(term -> steps.put(term, 0)));
    Optional<String> next = next(kept, steps);
    while (next.isPresent()) {
      steps.merge(next.get(), direction(next.get(), tooDear(kept, steps)), Integer::sum);
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

  /**
   * The term that moves next; of equal leads the first by name. None turns back: two terms that
   * explain the same ways would push each other to and fro for ever.
   */
  private static Optional<String> next(List<KeptWay> kept, SortedMap<String, Integer> steps) {
    List<KeptWay> left = tooDear(kept, steps);
    String best = "";
    int bestLead = LEAD - 1;
    for (String term : steps.keySet()) {
      int lead = Math.abs(lead(term, left));
      int direction = direction(term, left);
      boolean turnsBack = steps.get(term) * direction < 0;
      boolean canMove = !turnsBack && Math.abs(steps.get(term) + direction) <= MOST_STEPS;
      if (lead > bestLead && canMove) {
        best = term;
        bestLead = lead;
      }
    }
    return Optional.of(best).filter(t -> !t.isEmpty());
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
