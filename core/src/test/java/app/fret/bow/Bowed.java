package app.fret.bow;

import app.fret.brief.Brief;
import app.fret.shape.Proposal;
import app.fret.shape.ShapeChoices;
import java.util.List;
import java.util.stream.IntStream;

/** Passages bowed with every note on the strings a left hand might take: the second, or from it. */
final class Bowed {
  private static final int STRING = 2;

  static final Decided NOTHING = new Decided(BowChoices.none(), null);
  static final BowWeights WEIGHTS = BowWeights.of(BowSchool.PRINTED);

  private Bowed() {}

  static List<List<Integer>> strings(Brief brief) {
    int count = brief.player().instrument().stringCount();
    return brief.notes().stream()
        .map(
            n -> {
              int heads = n.notes().size();
              int lowest = Math.min(count, Math.max(STRING, heads));
              return IntStream.range(0, heads).mapToObj(h -> lowest - h).toList();
            })
        .toList();
  }

  static BowPlan plan(Brief brief) {
    return new BowPlanner().plan(brief, strings(brief));
  }

  static BowLine line(Brief brief) {
    return new BowLine(brief, strings(brief));
  }

  /** The passage played as printed, with nothing proposed between the marks. */
  static Brief asPrinted(Brief brief) {
    ShapeChoices none = ShapeChoices.none();
    for (Proposal proposal : Proposal.values()) {
      none = none.with(proposal, false);
    }
    return brief.shaped(none);
  }

  /** The strokes of a passage as drafts. */
  static List<Draft> drafts(BowLine line) {
    return new Candidates(line, BowSchool.PRINTED, NOTHING).whole();
  }

  static BowJoints joints(BowLine line) {
    return new BowJoints(line, BowSchool.PRINTED, NOTHING);
  }

  static Figures figures(BowLine line) {
    return new Figures(line, drafts(line).stream().map(Draft::notes).toList());
  }

  static BowSearch search(BowLine line, int places) {
    return new BowSearch(drafts(line), joints(line), figures(line), WEIGHTS, places);
  }

  static List<Way> ways(BowSearch search) {
    return search.path().stream().map(BowSearch.Drawn::way).toList();
  }

  static OtherWays others(BowLine line, BowSearch search) {
    Drafts drafts = new Drafts(line, NOTHING);
    return new OtherWays(line, search, search.path(), joints(line), WEIGHTS, drafts);
  }
}
