package app.fret.bow.search;

import app.fret.bow.effort.BowWeights;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Figures;
import app.fret.bow.stroke.Way;
import app.fret.score.BowDirection;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * The least effort of all ways to bow a passage.
 *
 * <p>Problem: which of the strokes that may be taken are taken, so that together they hold every
 * note once, and their directions, start and end places, so that the sum of the terms of each
 * stroke and of the joints between them is least. Exact on a grid of places, no beam. State: the
 * stroke, its direction, the place the bow is at, and the direction in which the figure before
 * began, which figures that come back are held against. Recurrence: {@code exit(c, d, e) = min over
 * s of entry(c, d, s) + stroke(c, d, s, e)} and {@code entry(c', d', s) = min over strokes c before
 * it and e of exit(c, d, e) + joint(c, d, e, c', d', s)}, and the mirror image from the end. Cost:
 * O(n p^2) time and O(n p) memory for n strokes and p places, as the strokes that may begin on a
 * note are limited. Source: Viterbi 1967, IEEE Trans. Inf. Theory 13(2).
 */
public final class BowSearch {
  static final BowDirection[] DIRECTIONS = BowDirection.values();

  private final List<Draft> drafts;
  private final Figures figures;
  private final BowCosts costs;
  private final BowWeights weights;
  private final double otherStart;

  private final int places;
  private final StrokeTable[] tables;
  private final int[][] before;
  private final int[][] after;
  private final JointCosts[][] lifts;
  private final double[][] entry;
  private final double[][] exit;
  private final int lastPiece;
  private int workedOut;

  /** A stroke and how it is drawn. */
  public record Drawn(Draft draft, Way way, int candidate) {}

  /**
   * Searches.
   *
   * @param drafts strokes that may be taken, by their first and then their last piece
   * @param places size of the grid
   */
  public BowSearch(
      List<Draft> drafts, BowJoints joints, Figures figures, BowWeights weights, int places) {
    this(drafts, joints, figures, new BowCosts(weights, places), weights, places, null);
  }

  private BowSearch(
      List<Draft> drafts,
      BowJoints joints,
      Figures figures,
      BowCosts costs,
      BowWeights weights,
      int places,
      BowSearch previous) {
    this.drafts = drafts;
    this.figures = figures;
    this.costs = costs;
    this.weights = weights;
    this.places = places;
    this.otherStart = EarlierSearch.exact(weights.price("other-start"));
    int count = drafts.size();
    this.lastPiece = drafts.stream().mapToInt(d -> d.notes().last()).max().orElse(-1);
    this.before = new int[count][];
    this.after = new int[count][];
    connect();
    this.tables = new StrokeTable[count];
    this.lifts = new JointCosts[count][];
    this.entry = new double[count][4 * places];
    this.exit = new double[count][4 * places];
    EarlierSearch earlier = previous == null ? null : new EarlierSearch(previous, count);
    for (int i = 0; i < count; i++) {
      tables[i] = costs.of(drafts.get(i).demand());
      lifts[i] = new JointCosts[before[i].length];
      for (int k = 0; k < before[i].length; k++) {
        BowJoints.Joint joint = joints.between(drafts.get(before[i][k]), drafts.get(i));
        lifts[i][k] = costs.of(joint);
      }
      if (earlier == null) {
        workOut(i);
      } else if (!earlier.takeOver(this, i)) {
        workOut(i);
        earlier.compare(this, i);
      }
    }
  }

  private void workOut(int stroke) {
    enter(stroke);
    draw(stroke);
    workedOut++;
  }

  /**
   * Searches a changed passage. What the change leaves alone is taken over; the result is that of a
   * search from nothing.
   */
  public BowSearch next(
      List<Draft> newDrafts, BowJoints joints, Figures newFigures, BowWeights newWeights) {
    return weights == newWeights
        ? new BowSearch(newDrafts, joints, newFigures, costs.next(), weights, places, this)
        : new BowSearch(newDrafts, joints, newFigures, newWeights, places);
  }

  /** Finds for each stroke those that may come right before it and right after it. */
  private void connect() {
    List<List<Integer>> predecessors = new ArrayList<>();
    List<List<Integer>> successors = new ArrayList<>();
    for (int i = 0; i < drafts.size(); i++) {
      predecessors.add(new ArrayList<>());
      successors.add(new ArrayList<>());
    }
    int[] firsts = drafts.stream().mapToInt(d -> d.notes().first()).distinct().toArray();
    for (int i = 0; i < drafts.size(); i++) {
      int next = next(firsts, drafts.get(i).notes().last());
      for (int k = i + 1; k < drafts.size() && next >= 0; k++) {
        int first = drafts.get(k).notes().first();
        if (first > next) {
          break;
        }
        if (first == next) {
          predecessors.get(k).add(i);
          successors.get(i).add(k);
        }
      }
    }
    for (int i = 0; i < drafts.size(); i++) {
      before[i] = predecessors.get(i).stream().mapToInt(p -> p).toArray();
      after[i] = successors.get(i).stream().mapToInt(s -> s).toArray();
    }
  }

  /** The first piece behind another with which a stroke may begin; -1 when there is none. */
  private static int next(int[] firsts, int behind) {
    int found = Arrays.binarySearch(firsts, behind + 1);
    int index = found >= 0 ? found : -found - 1;
    return index < firsts.length ? firsts[index] : -1;
  }

  private int offset(int begun, int direction) {
    return (begun * 2 + direction) * places;
  }

  private double place(int index) {
    return (double) index / (places - 1);
  }

  private void enter(int stroke) {
    double[] here = entry[stroke];
    Arrays.fill(here, Double.POSITIVE_INFINITY);
    if (before[stroke].length == 0) {
      Arrays.fill(here, 0, 2 * places, 0);
      return;
    }
    for (int k = 0; k < before[stroke].length; k++) {
      double[] from = exit[before[stroke][k]];
      for (int begun = 0; begun < 2; begun++) {
        for (int direction = 0; direction < 2; direction++) {
          int at = offset(begun, direction);
          if (isReached(from, at)) {
            lifts[stroke][k].lower(from, at, direction, here, offset(begun, 0));
          }
        }
      }
    }
  }

  private boolean isReached(double[] efforts, int offset) {
    for (int p = offset; p < offset + places; p++) {
      if (efforts[p] < Double.POSITIVE_INFINITY) {
        return true;
      }
    }
    return false;
  }

  private void draw(int stroke) {
    double[] here = exit[stroke];
    Arrays.fill(here, Double.POSITIVE_INFINITY);
    for (int begun = 0; begun < 2; begun++) {
      for (int direction = 0; direction < 2; direction++) {
        double own = own(stroke, begun, direction);
        int from = offset(begun, direction);
        int to = offset(begunAfter(stroke, begun, direction), direction);
        for (int start = 0; start < places; start++) {
          double effort = entry[stroke][from + start] + own;
          if (effort < Double.POSITIVE_INFINITY) {
            tables[stroke].lower(direction, start, effort, here, to);
          }
        }
      }
    }
  }

  /** What a stroke costs wherever it is drawn. */
  double own(int stroke, int begun, int direction) {
    boolean turned = figures.isAgainst(drafts.get(stroke).notes().first(), direction != begun);
    return EarlierSearch.exact(drafts.get(stroke).price()) + (turned ? otherStart : 0);
  }

  int begunAfter(int stroke, int begun, int direction) {
    int first = drafts.get(stroke).notes().first();
    if (!figures.begins(first)) {
      return begun;
    }
    return figures.isLast(first) ? 0 : direction;
  }

  /** Least effort of all. */
  public double least() {
    double least = drafts.isEmpty() ? 0 : Double.POSITIVE_INFINITY;
    for (int i = 0; i < drafts.size(); i++) {
      if (isEnd(i)) {
        least = Math.min(least, Arrays.stream(exit[i]).min().orElseThrow());
      }
    }
    return least;
  }

  private boolean isEnd(int stroke) {
    return drafts.get(stroke).notes().last() == lastPiece;
  }

  /** The strokes of least effort, in order. */
  public List<Drawn> path() {
    List<Drawn> path = new ArrayList<>();
    if (drafts.isEmpty()) {
      return path;
    }
    int stroke = -1;
    int state = 0;
    for (int i = 0; i < drafts.size(); i++) {
      for (int s = 0; isEnd(i) && s < 4 * places; s++) {
        if (stroke < 0 || exit[i][s] < exit[stroke][state]) {
          stroke = i;
          state = s;
        }
      }
    }
    while (stroke >= 0) {
      int start = startOf(stroke, state);
      BowDirection direction = DIRECTIONS[start / places % 2];
      Way way = new Way(direction, place(start % places), place(state % places));
      path.add(new Drawn(drafts.get(stroke), way, stroke));
      long from = stateBefore(stroke, start);
      stroke = from < 0 ? -1 : (int) (from / (4L * places));
      state = (int) (from % (4L * places));
    }
    Collections.reverse(path);
    return path;
  }

  /** From which state at its start a stroke came to a state at its end at least effort. */
  private int startOf(int stroke, int state) {
    int end = state % places;
    int direction = state / places % 2;
    int best = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int begun = 0; begun < 2; begun++) {
      if (offset(begunAfter(stroke, begun, direction), direction) != state - end) {
        continue;
      }
      double own = own(stroke, begun, direction);
      for (int start = 0; start < places; start++) {
        boolean reaches =
            end >= tables[stroke].firstEnd(direction, start)
                && end <= tables[stroke].lastEnd(direction, start);
        int from = offset(begun, direction) + start;
        if (reaches && entry[stroke][from] < Double.POSITIVE_INFINITY) {
          double effort = entry[stroke][from] + own + tables[stroke].effort(direction, start, end);
          if (effort < least) {
            least = effort;
            best = from;
          }
        }
      }
    }
    return best;
  }

  /** Stroke and state before a state at the start of a stroke, in one number; -1 at the first. */
  private long stateBefore(int stroke, int state) {
    if (before[stroke].length == 0) {
      return -1;
    }
    int to = state % places;
    int next = state / places % 2;
    int begun = state / places / 2;
    long best = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int k = 0; k < before[stroke].length; k++) {
      for (int direction = 0; direction < 2; direction++) {
        for (int p = 0; p < places; p++) {
          int from = offset(begun, direction) + p;
          double effort =
              exit[before[stroke][k]][from] + lifts[stroke][k].effort(direction, p, next, to);
          if (effort < least) {
            least = effort;
            best = before[stroke][k] * (4L * places) + from;
          }
        }
      }
    }
    return best;
  }

  // What other ways are worked out from.

  int places() {
    return places;
  }

  /** Number of strokes that may be taken. */
  public int count() {
    return drafts.size();
  }

  /** How many strokes were worked out and not taken over from an earlier search. */
  public int workedOut() {
    return workedOut;
  }

  Draft draft(int stroke) {
    return drafts.get(stroke);
  }

  int[] before(int stroke) {
    return before[stroke];
  }

  int[] after(int stroke) {
    return after[stroke];
  }

  StrokeTable table(int stroke) {
    return tables[stroke];
  }

  /** The joints of a stroke with those before it, in the order of {@link #before}. */
  JointCosts lifts(int stroke, int number) {
    return lifts[stroke][number];
  }

  double[] entry(int stroke) {
    return entry[stroke];
  }

  double[] exit(int stroke) {
    return exit[stroke];
  }

  double own(int stroke, int begun, BowDirection direction) {
    return own(stroke, begun, direction.ordinal());
  }

  int begunAfter(int stroke, int begun, BowDirection direction) {
    return begunAfter(stroke, begun, direction.ordinal());
  }
}
