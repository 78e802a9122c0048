package app.fret.bow;

import app.fret.bow.effort.BowWeights;
import app.fret.bow.search.BowJoints;
import app.fret.bow.search.BowSearch;
import app.fret.bow.search.Candidates;
import app.fret.bow.search.OtherWays;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.Decided;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Drafts;
import app.fret.bow.stroke.Figures;
import app.fret.bow.stroke.Way;
import app.fret.brief.Brief;
import app.fret.shape.Proposal;
import app.fret.shape.ShapeChoices;
import java.util.List;
import java.util.stream.IntStream;

/** Passages bowed with every note on the strings a left hand might take: the second, or from it. */
public final class Bowed {
  private static final int STRING = 2;

  public static final Decided NOTHING = new Decided(BowChoices.none(), null);
  public static final BowWeights WEIGHTS = BowWeights.of(BowSchool.PRINTED);

  private Bowed() {}

  public static List<List<Integer>> strings(Brief brief) {
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

  public static BowLine line(Brief brief) {
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
  public static List<Draft> drafts(BowLine line) {
    return new Candidates(line, BowSchool.PRINTED, NOTHING).whole();
  }

  public static BowJoints joints(BowLine line) {
    return new BowJoints(line, BowSchool.PRINTED, NOTHING);
  }

  public static Figures figures(BowLine line) {
    return new Figures(line, drafts(line).stream().map(Draft::notes).toList());
  }

  public static BowSearch search(BowLine line, int places) {
    return new BowSearch(drafts(line), joints(line), figures(line), WEIGHTS, places);
  }

  public static List<Way> ways(BowSearch search) {
    return search.path().stream().map(BowSearch.Drawn::way).toList();
  }

  public static OtherWays others(BowLine line, BowSearch search) {
    Drafts drafts = new Drafts(line, NOTHING);
    return new OtherWays(line, search, search.path(), joints(line), WEIGHTS, drafts);
  }
}
