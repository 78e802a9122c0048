package app.fret.lefthand.effort;

import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.lefthand.effort.term.EffortTerm;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.IntStream;

/**
 * Terms of one kind with their weights; what weighs nothing is left out.
 *
 * @param terms the terms
 * @param weights weight of each
 */
record Weighted<T extends EffortTerm>(List<T> terms, double[] weights) {

  /** The terms of a kind that a profile counts. */
  static <T extends EffortTerm> Weighted<T> of(
      Class<T> kind, List<EffortTerm> all, Profile profile) {
    List<T> terms =
        all.stream().filter(kind::isInstance).map(kind::cast).filter(profile::counts).toList();
    return new Weighted<>(terms, terms.stream().mapToDouble(profile::weight).toArray());
  }

  /** The sides of a moment that any of them looks at. */
  Facets facets() {
    return terms.stream().map(t -> t.header().facets()).reduce(Facets.NONE, Facets::and);
  }

  /** Those of the terms that are so, with their weights. */
  Weighted<T> only(Predicate<T> wanted) {
    int[] kept =
        IntStream.range(0, weights.length).filter(i -> wanted.test(terms.get(i))).toArray();
    return new Weighted<>(
        Arrays.stream(kept).mapToObj(terms::get).toList(),
        Arrays.stream(kept).mapToDouble(i -> weights[i]).toArray());
  }

  /** What each term is shown of a moment. */
  Moment[] shown(Moment moment) {
    return terms.stream().map(t -> moment.only(t.header().facets())).toArray(Moment[]::new);
  }

  /** The weighted sum of all terms, each asked about what it is shown. */
  double sum(Moment[] shown, ToDoubleBiFunction<T, Moment> effort) {
    double sum = 0;
    for (int i = 0; i < weights.length; i++) {
      sum += weights[i] * effort.applyAsDouble(terms.get(i), shown[i]);
    }
    return sum;
  }

  /** The terms that speak, in their order. */
  List<Reason> reasons(
      Moment moment, ToDoubleBiFunction<T, Moment> effort, BiFunction<T, Moment, String> reason) {
    List<Reason> reasons = new ArrayList<>();
    Moment[] shown = shown(moment);
    for (int i = 0; i < weights.length; i++) {
      T term = terms.get(i);
      double weighed = weights[i] * effort.applyAsDouble(term, shown[i]);
      if (weighed != 0) {
        Moment seen = shown[i];
        reasons.add(new Reason(term.name(), weighed, () -> reason.apply(term, seen)));
      }
    }
    return reasons;
  }
}
