package app.fret.bench.worked;

import app.fret.lefthand.fitting.WeightFit;
import app.fret.lefthand.fitting.Weights;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * How far plans agree with passages that their weights have not seen: of each of five parts, of
 * each instrument, and of each group that tests one rule, by a fit to all the others.
 *
 * @param lessons the passages
 * @param before the weights each fit begins at
 * @param settings how it goes about it
 */
record LeftOut(List<Lesson> lessons, Weights before, WeightFit.Settings settings) {
  private static final int FOLDS = 5;

  /** Says on standard error how far plans under these weights agree, by collection and in all. */
  static void report(String title, List<Lesson> lessons, Weights weights) {
    Map<Lesson, Double> agreements = agreements(lessons, weights);
    System.err.printf(Locale.ROOT, "%s: %.1f %%", title, 100 * mean(lessons, agreements));
    WorkedFile.COLLECTIONS.forEach(
        c -> {
          List<Lesson> of = lessons.stream().filter(l -> l.collection().equals(c)).toList();
          System.err.printf(Locale.ROOT, ", %s %.1f", c, 100 * mean(of, agreements));
        });
    System.err.println();
  }

  /** Fits without each part in turn and says on standard error how far plans agree with it. */
  void report() {
    Map<Lesson, Double> unseen = new HashMap<>();
    for (int fold = 0; fold < FOLDS; fold++) {
      List<Lesson> part = new ArrayList<>();
      for (int i = fold; i < lessons.size(); i += FOLDS) {
        part.add(lessons.get(i));
      }
      unseen.putAll(without("part " + (fold + 1), part::contains));
    }
    WorkedFile.COLLECTIONS.forEach(
        c -> {
          List<Lesson> of = lessons.stream().filter(l -> l.collection().equals(c)).toList();
          System.err.printf(Locale.ROOT, "all parts, %s: %.1f %%%n", c, 100 * mean(of, unseen));
        });
    for (String instrument : WorkedFile.INSTRUMENTS) {
      without(instrument, l -> l.passage().instrument().equals(instrument));
    }
    List<String> rules =
        lessons.stream().flatMap(l -> l.passage().rule().stream()).distinct().sorted().toList();
    for (String rule : rules) {
      without(rule, l -> l.passage().rule().filter(rule::equals).isPresent());
    }
  }

  private Map<Lesson, Double> without(String name, Predicate<Lesson> isLeft) {
    List<Lesson> left = lessons.stream().filter(isLeft).toList();
    List<Lesson> kept = lessons.stream().filter(isLeft.negate()).toList();
    Map<Lesson, Double> unseen = agreements(left, FitWeights.fit(kept, before, settings, false));
    System.err.printf(
        Locale.ROOT,
        "%s left out: %.1f %% (before %.1f %%), %d passages%n",
        name,
        100 * mean(left, unseen),
        100 * mean(left, agreements(left, before)),
        left.size());
    return unseen;
  }

  private static Map<Lesson, Double> agreements(List<Lesson> of, Weights weights) {
    return of.parallelStream()
        .collect(Collectors.toMap(Function.identity(), l -> l.agreement(weights)));
  }

  private static double mean(List<Lesson> of, Map<Lesson, Double> agreements) {
    return of.stream().mapToDouble(agreements::get).average().orElse(0);
  }
}
