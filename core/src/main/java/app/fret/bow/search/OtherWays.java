package app.fret.bow.search;

import app.fret.bow.effort.BowWeights;
import app.fret.bow.search.BowSearch.Drawn;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Drafts;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.stroke.StrokeKinds;
import app.fret.score.BowDirection;
import app.fret.score.NoteRef;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * The other ways to take each stroke, with what the best plan with them costs more, exactly: least
 * effort up to a state and from there to the end. Of a split this holds for the figures that come
 * back in the part; once it is decided others may.
 */
public final class OtherWays {
  /** A start so far away is another way to take a stroke. */
  private static final double ELSEWHERE = 0.15;

  /** A retake goes at least so far. */
  private static final double A_LIFT = 0.05;

  private static final int MOST_SPLITS = 3;

  private final BowLine line;
  private final BowSearch search;
  private final List<Drawn> path;
  private final BowJoints joints;
  private final BowWeights weights;
  private final Drafts drafts;
  private final StrokeKinds kinds;
  private final int places;
  private final double[][] entryTo;
  private final double[][] exitTo;
  private boolean isKnown;

  /** Other ways beside a path that was found. */
  public OtherWays(
      BowLine line,
      BowSearch search,
      List<Drawn> path,
      BowJoints joints,
      BowWeights weights,
      Drafts drafts) {
    this.line = line;
    this.search = search;
    this.path = path;
    this.joints = joints;
    this.weights = weights;
    this.drafts = drafts;
    this.kinds = new StrokeKinds(line, line.groups());
    this.places = search.places();
    this.entryTo = new double[search.count()][];
    this.exitTo = new double[search.count()][];
  }

  private int offset(int begun, int direction) {
    return (begun * 2 + direction) * places;
  }

  /** Works out the least effort from every state to the end. */
  private void passBackward() {
    for (int stroke = search.count() - 1; stroke >= 0; stroke--) {
      exitTo[stroke] = onward(stroke);
      entryTo[stroke] = new double[4 * places];
      for (int begun = 0; begun < 2; begun++) {
        for (BowDirection direction : BowDirection.values()) {
          int after = offset(search.begunAfter(stroke, begun, direction), direction.ordinal());
          int here = offset(begun, direction.ordinal());
          double own = search.own(stroke, begun, direction);
          for (int start = 0; start < places; start++) {
            entryTo[stroke][here + start] =
                own + search.table(stroke).least(direction.ordinal(), start, exitTo[stroke], after);
          }
        }
      }
    }
    isKnown = true;
  }

  /** Least effort behind each state at the end of a stroke. */
  private double[] onward(int stroke) {
    double[] least = new double[4 * places];
    if (search.after(stroke).length == 0) {
      return least;
    }
    Arrays.fill(least, Double.POSITIVE_INFINITY);
    for (int next : search.after(stroke)) {
      JointCosts lifts = search.lifts(next, numberOf(stroke, next));
      lowerBack(lifts, entryTo[next], least);
    }
    return least;
  }

  private void lowerBack(JointCosts lifts, double[] entries, double[] exits) {
    for (int state = 0; state < 4; state++) {
      lifts.lowerBack(entries, offset(state / 2, 0), state % 2, exits, state * places);
    }
  }

  private int numberOf(int before, int stroke) {
    int[] all = search.before(stroke);
    for (int k = 0; k < all.length; k++) {
      if (all[k] == before) {
        return k;
      }
    }
    throw new IllegalStateException("two strokes that do not follow each other");
  }

  /** The other ways of a stroke of the path, cheapest first; those nobody could take left out. */
  public synchronized List<OtherStroke> of(int number) {
    if (!isKnown) {
      passBackward();
    }
    Drawn drawn = path.get(number);
    List<OtherStroke> others = new ArrayList<>();
    addDirection(others, drawn);
    addElsewhere(others, drawn);
    if (number > 0) {
      addJoints(others, path.get(number - 1), drawn);
    }
    addSplits(others, drawn);
    others.sort(Comparator.comparingDouble(OtherStroke::extraEffort));
    return others;
  }

  private void add(
      List<OtherStroke> others, String what, double least, Draft on, StrokeDecision d) {
    double extra = least - search.least();
    if (Double.isFinite(extra)) {
      others.add(new OtherStroke(what, extra, new StrokeAt(place(on.notes().first()), d)));
    }
  }

  private NoteRef place(int piece) {
    return line.brief().reading().places().top(line.note(piece).number());
  }

  private void addDirection(List<OtherStroke> others, Drawn drawn) {
    boolean up = drawn.way().isUp();
    int turned = 1 - drawn.way().direction().ordinal();
    double[] least = {Double.POSITIVE_INFINITY, 0};
    leastStart(drawn.candidate(), turned, 0, places - 1, least);
    StrokeDecision decision = StrokeDecision.of(up ? Act.DOWN : Act.UP);
    add(others, up ? "down-bow" : "up-bow", least[0], drawn.draft(), decision);
  }

  private void leastStart(int stroke, int direction, int from, int to, double[] least) {
    for (int begun = 0; begun < 2; begun++) {
      for (int p = Math.max(0, from); p <= Math.min(places - 1, to); p++) {
        int state = offset(begun, direction) + p;
        double effort = search.entry(stroke)[state] + entryTo[stroke][state];
        if (effort < least[0]) {
          least[0] = effort;
          least[1] = p;
        }
      }
    }
  }

  private void addElsewhere(List<OtherStroke> others, Drawn drawn) {
    int start = (int) Math.round(drawn.way().start() * (places - 1));
    int apart = (int) Math.floor(ELSEWHERE * (places - 1)) + 1;
    double[] least = {Double.POSITIVE_INFINITY, 0};
    int direction = drawn.way().direction().ordinal();
    leastStart(drawn.candidate(), direction, 0, start - apart, least);
    leastStart(drawn.candidate(), direction, start + apart, places - 1, least);
    double at = least[1] / (places - 1);
    String what = String.format(Locale.ROOT, "start at %.2f", at);
    double rounded = Math.round(at * 1e4) / 1e4;
    add(others, what, least[0], drawn.draft(), StrokeDecision.at(rounded));
  }

  private void addJoints(List<OtherStroke> others, Drawn before, Drawn drawn) {
    boolean sameWay = before.way().direction() == drawn.way().direction();
    boolean moved = before.way().end() != drawn.way().start();
    int stroke = drawn.candidate();
    double hooked = Double.POSITIVE_INFINITY;
    double lifted = Double.POSITIVE_INFINITY;
    for (int k = 0; k < search.before(stroke).length; k++) {
      double[] exit = search.exit(search.before(stroke)[k]);
      JointCosts lifts = search.lifts(stroke, k);
      double[] retaken = lifted(lifts, entryTo[stroke]);
      for (int state = 0; state < 4 * places; state++) {
        double hook = lifts.hook(state / places % 2) + entryTo[stroke][state];
        hooked = Math.min(hooked, exit[state] + hook);
        lifted = Math.min(lifted, exit[state] + retaken[state]);
      }
    }
    if (!sameWay || moved) {
      add(others, "hook", hooked, drawn.draft(), StrokeDecision.of(Act.HOOK));
    }
    if (!moved) {
      add(others, "retake", lifted, drawn.draft(), StrokeDecision.of(Act.RETAKE));
    }
  }

  /** The least effort from each end of a stroke on when the bow is set well away. */
  private double[] lifted(JointCosts lifts, double[] entries) {
    int nearest = (int) Math.ceil(A_LIFT * (places - 1));
    double[] exits = new double[4 * places];
    Arrays.fill(exits, Double.POSITIVE_INFINITY);
    for (int state = 0; state < 4; state++) {
      int starts = offset(state / 2, 0);
      lifts.lowerBackLifted(entries, starts, state % 2, nearest, exits, state * places);
    }
    return exits;
  }

  /** Splits on beats first, three of a slur at most. */
  private void addSplits(List<OtherStroke> others, Drawn drawn) {
    Draft whole = drawn.draft();
    List<Integer> cuts = new ArrayList<>();
    for (int piece = whole.notes().first() + 1; piece <= whole.notes().last(); piece++) {
      if (!line.note(piece).isInside()) {
        cuts.add(piece);
      }
    }
    double middle = (whole.notes().first() + whole.notes().last() + 1) / 2.0;
    cuts.sort(
        Comparator.comparingDouble((Integer c) -> -line.note(c).stress())
            .thenComparingDouble(c -> Math.abs(c - middle)));
    for (int cut : cuts.subList(0, Math.min(MOST_SPLITS, cuts.size()))) {
      int last = line.note(cut - 1).number();
      int count = last - line.note(whole.notes().first()).number() + 1;
      double extra = leastSplit(drawn, cut) - search.least();
      if (Double.isFinite(extra)) {
        others.add(
            new OtherStroke(
                "split after note " + count,
                extra,
                new StrokeAt(place(cut - 1), StrokeDecision.of(Act.SPLIT))));
      }
    }
  }

  private double leastSplit(Drawn drawn, int cut) {
    int stroke = drawn.candidate();
    Draft whole = drawn.draft();
    Draft first = piece(whole, whole.notes().first(), cut - 1);
    Draft second = piece(whole, cut, whole.notes().last());
    double[] entered = enter(stroke, first);
    double[] exit = draw(stroke, first, entered);
    JointCosts between = new JointCosts(joints.between(first, second), places);
    double[] turned = new double[4 * places];
    Arrays.fill(turned, Double.POSITIVE_INFINITY);
    for (int state = 0; state < 4; state++) {
      between.lower(exit, state * places, state % 2, turned, offset(state / 2, 0));
    }
    double[] end = draw(-1, second, turned);
    return close(stroke, second, end) + weights.price(Candidates.splitPrice(line.note(cut)));
  }

  private Draft piece(Draft whole, int first, int last) {
    Span span = new Span(first, last);
    return drafts.of(span, kinds.ofPiece(span, whole.kind()));
  }

  private double[] enter(int stroke, Draft first) {
    double[] entered = new double[4 * places];
    int[] before = search.before(stroke);
    if (before.length == 0) {
      return search.entry(stroke);
    }
    Arrays.fill(entered, Double.POSITIVE_INFINITY);
    for (int candidate : before) {
      JointCosts lifts = new JointCosts(joints.between(search.draft(candidate), first), places);
      double[] exit = search.exit(candidate);
      for (int state = 0; state < 4; state++) {
        lifts.lower(exit, state * places, state % 2, entered, offset(state / 2, 0));
      }
    }
    return entered;
  }

  /**
   * Draws a piece.
   *
   * @param figure the stroke whose figures it begins; -1 for none
   */
  private double[] draw(int figure, Draft piece, double[] entered) {
    StrokeTable table = new StrokeTable(piece.demand(), weights, places);
    double[] exit = new double[4 * places];
    Arrays.fill(exit, Double.POSITIVE_INFINITY);
    for (int begun = 0; begun < 2; begun++) {
      for (BowDirection direction : BowDirection.values()) {
        double own = figure < 0 ? 0 : search.own(figure, begun, direction);
        int after = figure < 0 ? begun : search.begunAfter(figure, begun, direction);
        int from = offset(begun, direction.ordinal());
        for (int start = 0; start < places; start++) {
          double effort = entered[from + start] + own;
          if (effort < Double.POSITIVE_INFINITY) {
            int to = offset(after, direction.ordinal());
            table.lower(direction.ordinal(), start, effort, exit, to);
          }
        }
      }
    }
    return exit;
  }

  private double close(int stroke, Draft second, double[] end) {
    double least = Double.POSITIVE_INFINITY;
    int[] after = search.after(stroke);
    if (after.length == 0) {
      return Arrays.stream(end).min().orElseThrow();
    }
    for (int next : after) {
      JointCosts lifts = new JointCosts(joints.between(second, search.draft(next)), places);
      double[] onward = new double[4 * places];
      Arrays.fill(onward, Double.POSITIVE_INFINITY);
      lowerBack(lifts, entryTo[next], onward);
      for (int state = 0; state < 4 * places; state++) {
        least = Math.min(least, end[state] + onward[state]);
      }
    }
    return least;
  }
}
