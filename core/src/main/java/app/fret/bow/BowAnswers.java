package app.fret.bow;

import app.fret.bow.search.BowSearch;
import app.fret.bow.search.OtherStroke;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.function.Supplier;

/** What a plan's search still answers when it is asked, and what the next plan starts from. */
public final class BowAnswers {
  private final BowSearch search;
  private final IntFunction<List<OtherStroke>> others;
  private final Supplier<Map<String, Double>> effortByTerm;

  BowAnswers(
      BowSearch search,
      IntFunction<List<OtherStroke>> others,
      Supplier<Map<String, Double>> effortByTerm) {
    this.search = search;
    this.others = others;
    this.effortByTerm = effortByTerm;
  }

  Map<String, Double> effortByTerm() {
    return effortByTerm.get();
  }

  /** The search, whose efforts a search of a changed passage may take over. */
  BowSearch search() {
    return search;
  }

  List<OtherStroke> otherWays(int stroke) {
    return others.apply(stroke);
  }
}
