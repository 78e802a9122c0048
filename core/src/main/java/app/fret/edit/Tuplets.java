package app.fret.edit;

import app.fret.score.Metre;
import app.fret.score.TupletRatio;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/** Which notes of an edited bar are bracketed together as tuplets. */
final class Tuplets {
  private Tuplets() {}

  /**
   * The tuplets with those of one bar worked out anew: runs of notes of one ratio, each group as
   * long as the notes whose time it takes.
   */
  static Signs regrouped(Signs signs, Measure measure) {
    List<Integer> ids = measure.items().stream().map(Item::id).toList();
    List<SpanSign<Signs.Group>> all =
        new ArrayList<>(Signs.minus(signs.tuplets(), t -> ids.contains(t.from().item())));
    List<Item> run = new ArrayList<>();
    for (Item item : measure.items()) {
      TupletRatio ratio = item.written().ratio();
      boolean other = !run.isEmpty() && !run.get(0).written().ratio().equals(ratio);
      if (other) {
        close(run, all);
      }
      if (!ratio.isNone() && !item.isGrace()) {
        run.add(item);
        if (isWhole(run, measure.metre())) {
          close(run, all);
        }
      }
    }
    close(run, all);
    return signs.withTuplets(all);
  }

  private static boolean isWhole(List<Item> run, Metre metre) {
    TupletRatio ratio = run.get(0).written().ratio();
    Fraction sum = Fraction.ZERO;
    Fraction shortest = Fraction.of(8);
    for (Item item : run) {
      sum = sum.add(item.length(metre));
      Fraction value = item.written().value().length();
      shortest = value.compareTo(shortest) < 0 ? value : shortest;
    }
    boolean even = Integer.bitCount(sum.getDenominator()) == 1;
    return even && sum.compareTo(shortest.multiply(ratio.normal())) >= 0;
  }

  private static void close(List<Item> run, List<SpanSign<Signs.Group>> all) {
    if (!run.isEmpty()) {
      TupletRatio ratio = run.get(0).written().ratio();
      boolean beamed = run.stream().allMatch(i -> !i.isRest() && i.written().value().flags() > 0);
      all.add(
          new SpanSign<>(
              Anchor.start(run.get(0).id()),
              Anchor.end(run.get(run.size() - 1).id()),
              new Signs.Group(ratio, !beamed)));
      run.clear();
    }
  }
}
