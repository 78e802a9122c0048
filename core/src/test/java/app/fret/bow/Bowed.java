package app.fret.bow;

import app.fret.brief.Brief;
import app.fret.score.Span;
import java.util.List;
import java.util.stream.IntStream;

/** Passages bowed with every note on the strings a left hand might take: the second, or from it. */
final class Bowed {
  private static final int STRING = 2;

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

  /** The strokes of a passage as drafts. */
  static List<Draft> drafts(BowLine line) {
    List<Span> groups = line.printed();
    List<StrokeKind> kinds = new StrokeKinds(line, groups).all();
    return IntStream.range(0, groups.size())
        .mapToObj(i -> Draft.of(line, groups.get(i), kinds.get(i)))
        .toList();
  }
}
