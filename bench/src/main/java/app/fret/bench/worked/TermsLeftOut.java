package app.fret.bench.worked;

import app.fret.lefthand.effort.EffortTerms;
import app.fret.lefthand.effort.term.EffortTerm;
import app.fret.lefthand.fitting.Weights;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What falls without each term: one that carries nothing should not be there. */
final class TermsLeftOut {
  private TermsLeftOut() {}

  /** Says on standard error how plans agree with the passages when a term counts for nothing. */
  static void report(List<Lesson> lessons, Weights weights) {
    double with = mean(lessons, weights);
    List<String> names =
        lessons.stream()
            .flatMap(l -> EffortTerms.of(l.example().brief().player()).stream())
            .map(EffortTerm::name)
            .distinct()
            .sorted()
            .toList();
    for (String term : names) {
      Map<String, Double> terms = new HashMap<>(weights.ofTerms());
      terms.put(term, 0.0);
      double without = mean(lessons, new Weights(terms, weights.ofProfiles()));
      System.err.printf(Locale.ROOT, "without %s: %+.2f%n", term, 100 * (without - with));
    }
  }

  private static double mean(List<Lesson> lessons, Weights weights) {
    return lessons.parallelStream().mapToDouble(l -> l.agreement(weights)).average().orElse(0);
  }
}
