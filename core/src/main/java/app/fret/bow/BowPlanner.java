package app.fret.bow;

import app.fret.brief.Brief;
import app.fret.score.BowDirection;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Plans how a passage is bowed: which way each stroke goes, where on the bow it starts and ends,
 * and how much of it each note has. Slurs and bow signs of the part are kept.
 *
 * <p>The search is exact on its grid, see {@link BowSearch}; the rules are common practice, said at
 * each term.
 */
public final class BowPlanner {
  private static final double SPEAKS_FROM = 0.05;
  private static final int MOST_REASONS = 3;

  /**
   * Plans the strokes of a passage.
   *
   * @param strings strings of each note as the left hand takes it, lowest-pitched first
   */
  public BowPlan plan(Brief brief, List<List<Integer>> strings) {
    return new Task(new BowLine(brief, strings)).plan();
  }

  /** What belongs to one call. */
  private static final class Task {
    private final BowLine line;
    private final List<Span> groups;
    private final List<StrokeKind> kinds;
    private final List<Draft> drafts = new ArrayList<>();
    private final BowJoints joints;

    Task(BowLine line) {
      this.line = line;
      this.groups = line.printed();
      this.kinds = new StrokeKinds(line, groups).all();
      for (int i = 0; i < groups.size(); i++) {
        if (kinds.get(i) != StrokeKind.PIZZICATO) {
          drafts.add(Draft.of(line, groups.get(i), kinds.get(i)));
        }
      }
      this.joints = new BowJoints(line, drafts, true);
    }

    BowPlan plan() {
      BowSearch search = new BowSearch(line, drafts, joints);
      List<Way> ways = search.ways();
      List<Stroke> strokes = new ArrayList<>();
      int bowed = 0;
      Way last = new Way(BowDirection.DOWN, 0, 0);
      for (int i = 0; i < groups.size(); i++) {
        if (kinds.get(i) == StrokeKind.PIZZICATO) {
          strokes.add(plucked(groups.get(i), last));
        } else {
          strokes.add(stroke(bowed, ways));
          last = ways.get(bowed++);
        }
      }
      return new BowPlan(
          strokes,
          search.least(),
          line.hairCm(),
          new BowTroubles(line, drafts, ways, joints).find(),
          number -> others(search, ways, number));
    }

    /** Strokes are counted with those that are plucked, which have no other way. */
    private List<OtherStroke> others(BowSearch search, List<Way> ways, int number) {
      if (kinds.get(number) == StrokeKind.PIZZICATO) {
        return List.of();
      }
      int bowed =
          (int) kinds.subList(0, number).stream().filter(k -> k != StrokeKind.PIZZICATO).count();
      return search.otherWays(bowed, ways.get(bowed), bowed == 0 ? null : ways.get(bowed - 1));
    }

    private Stroke plucked(Span notes, Way last) {
      List<Double> nothing = new ArrayList<>();
      double seconds = 0;
      for (int i = notes.first(); i <= notes.last(); i++) {
        nothing.add(0.0);
        seconds += line.note(i).seconds();
      }
      return new Stroke(
          notes.first(),
          notes.last(),
          last.direction(),
          StrokeKind.PIZZICATO,
          last.end(),
          last.end(),
          0,
          nothing,
          seconds,
          false,
          List.of(),
          List.of());
    }

    private Stroke stroke(int index, List<Way> ways) {
      Draft draft = drafts.get(index);
      Way way = ways.get(index);
      double cm = way.amount() * line.hairCm();
      List<Double> shares = new ArrayList<>();
      for (double share : draft.shares()) {
        shares.add(share * cm);
      }
      boolean retake = index > 0 && way.start() != ways.get(index - 1).end();
      return new Stroke(
          draft.notes().first(),
          draft.notes().last(),
          way.direction(),
          draft.kind(),
          way.start(),
          way.end(),
          cm,
          shares,
          draft.seconds(),
          retake,
          Hints.of(line, drafts, index),
          reasons(index, way, retake ? ways.get(index - 1) : null));
    }

    /** The weightiest terms in words, and the retake where there is one. */
    private List<String> reasons(int index, Way way, Way before) {
      List<String> reasons = new ArrayList<>();
      if (before != null) {
        reasons.add(joints.reason(index, before.end(), way.start()));
      }
      BowTerms.all().stream()
          .filter(t -> t.effort(line, index, drafts, way) >= SPEAKS_FROM)
          .sorted(Comparator.comparingDouble(t -> -t.effort(line, index, drafts, way)))
          .limit(MOST_REASONS)
          .forEach(t -> reasons.add(t.reason(line, index, drafts, way)));
      return reasons;
    }
  }
}
