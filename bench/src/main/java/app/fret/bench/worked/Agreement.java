package app.fret.bench.worked;

import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.PreparedPassage;
import app.fret.lefthand.Route;
import app.fret.lefthand.hand.Stop;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Says how far plans agree with worked passages: {@code COLLECTION [OTHER-PLANS] [ID ...]}.
 *
 * <p>Figures are means over passages, as players would judge a page, not over notes.
 */
public final class Agreement {
  private Agreement() {}

  /**
   * How a passage is planned.
   *
   * @param first agreement of the plan
   * @param best the best agreement among it and other plans
   * @param plan the plan
   * @param why why the agreed way costs more, where it is another
   */
  record Result(WorkedPassage passage, double first, double best, LeftHandPlan plan, String why) {}

  /** Prints each passage that is not taken as agreed, then the means by instrument. */
  public static void main(String[] args) {
    List<String> words = List.of(args);
    String collection = words.isEmpty() ? "worked" : words.get(0);
    int others = words.size() > 1 ? Integer.parseInt(words.get(1)) : 0;
    List<String> ids = words.size() > 2 ? words.subList(2, words.size()) : List.of();
    for (String instrument : WorkedFile.INSTRUMENTS) {
      List<Result> results =
          WorkedFile.read(collection, instrument).parallelStream()
              .filter(p -> ids.isEmpty() || ids.contains(p.id()))
              .map(p -> of(p, others))
              .toList();
      results.stream().filter(r -> r.first() < 1 || !ids.isEmpty()).forEach(Agreement::print);
      System.out.printf(
          Locale.ROOT,
          "%s: first %.1f %%, with %d others %.1f %%, %d passages%n",
          instrument,
          100 * results.stream().mapToDouble(Result::first).average().orElse(0),
          others,
          100 * results.stream().mapToDouble(Result::best).average().orElse(0),
          results.size());
    }
  }

  /** Plans a passage. */
  static Result of(WorkedPassage passage, int others) {
    Study study = passage.study();
    LeftHandPlan plan = study.leftHand();
    List<LeftHandPlan> plans = new ArrayList<>(List.of(plan));
    plans.addAll(study.differentPlans(others));
    double best = plans.stream().mapToDouble(passage::agreement).max().orElseThrow();
    PreparedPassage prepared =
        new LeftHandPlanner(study.player(), study.choices().profile()).prepare(study.brief());
    return new Result(passage, passage.agreement(plan), best, plan, why(passage, prepared));
  }

  private static String why(WorkedPassage passage, PreparedPassage prepared) {
    List<Want> way = passage.ways().get(0);
    Route agreed =
        prepared.route(
            (note, at) ->
                way.stream().anyMatch(w -> w.note() == note && !w.isMetBy(at))
                    ? Double.POSITIVE_INFINITY
                    : 0);
    if (Double.isInfinite(agreed.effort())) {
      return "this hand cannot take it so";
    }
    Route least = prepared.route((note, at) -> 0);
    return String.format(Locale.ROOT, "%+.2f: ", agreed.effort() - least.effort())
        + prepared.differences(least, agreed).stream()
            .map(d -> String.format(Locale.ROOT, "%s %+.2f (at %d)", d.term(), d.share(), d.note()))
            .collect(Collectors.joining("; "));
  }

  private static void print(Result result) {
    System.out.printf(
        Locale.ROOT,
        "%s %.0f %% (%.0f %%): wants %s%n  why not: %s%n  plan %s%n",
        result.passage().id(),
        100 * result.first(),
        100 * result.best(),
        result.passage().misses(result.plan()).stream()
            .map(Want::toString)
            .collect(Collectors.joining(" ")),
        result.why(),
        words(result.plan()));
  }

  private static String words(LeftHandPlan plan) {
    return plan.notes().stream()
        .map(
            n ->
                n.note().number()
                    + ":"
                    + n.placement().stops().stream()
                        .map(Agreement::words)
                        .collect(Collectors.joining("/")))
        .collect(Collectors.joining(" "));
  }

  private static String words(Stop stop) {
    return List.of("I", "II", "III", "IV", "V").get(stop.string() - 1) + stop.finger().sign();
  }
}
