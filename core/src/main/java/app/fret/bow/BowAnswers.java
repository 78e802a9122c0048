package app.fret.bow;

import java.util.List;
import java.util.function.IntFunction;

/** What a plan's search still answers when it is asked, and what the next plan starts from. */
public final class BowAnswers {
  private final BowSearch search;
  private final IntFunction<List<OtherStroke>> others;

  BowAnswers(BowSearch search, IntFunction<List<OtherStroke>> others) {
    this.search = search;
    this.others = others;
  }

  /** The search, whose efforts a search of a changed passage may take over. */
  BowSearch search() {
    return search;
  }

  List<OtherStroke> otherWays(int stroke) {
    return others.apply(stroke);
  }
}
