package app.fret.bow;

import app.fret.score.BowDirection;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * The least effort of all ways to bow a passage.
 *
 * <p>Problem: directions, start and end places of all strokes so that the sum of the terms of each
 * stroke and of the joints between them is least. Exact on a grid of {@link #PLACES} places, no
 * beam. State: the direction of a stroke, the place the bow is at, and the direction in which the
 * bar before began, which figures that come back are held against. Recurrence: {@code exit(i, d, e)
 * = min over s of entry(i, d, s) + stroke(i, d, s, e)} and {@code entry(i+1, d', s) = min over e of
 * exit(i, d, e) + joint(d, e, d', s)}, and the mirror image from the end. Cost: O(n p^2) time and
 * O(n p) memory for n strokes and p places. Source: Viterbi 1967, IEEE Trans. Inf. Theory 13(2).
 */
final class BowSearch {
  /** Places on the bow: from frog to tip in steps of a 120th. */
  static final int PLACES = 121;

  private static final BowDirection[] DIRECTIONS = BowDirection.values();
  private static final int STATES = 4 * PLACES;

  /** A start so far away is another way to take a stroke. */
  private static final double ELSEWHERE = 0.15;

  /** Effort of beginning a bar the other way than the same bar before it. */
  static final double OTHER_START = 0.3;

  private final List<Draft> drafts;
  private final BowJoints joints;
  private final int step;
  private final Figures figures;

  /** Without figures that come back nobody asks how a bar began. */
  private final int begunKinds;

  private boolean isBackKnown;

  private final StrokeTable[] tables;
  private final double[][] entry;
  private final double[][] exit;
  private final double[][] entryTo;
  private final double[][] exitTo;

  /** Least effort to the end from each state of the stroke before, the bow lifted there. */
  private final double[][] liftedTo;

  private final int[][] entryFrom;
  private final int[][] exitFrom;

  BowSearch(BowLine line, List<Draft> drafts, BowJoints joints) {
    this(line, drafts, joints, 1);
  }

  /**
   * A search over some of the places.
   *
   * @param step 1 for all places, 2 for every other
   */
  BowSearch(BowLine line, List<Draft> drafts, BowJoints joints, int step) {
    this.step = step;
    this.drafts = drafts;
    this.joints = joints;
    this.figures = new Figures(line, drafts);
    this.begunKinds = figures.any() ? 2 : 1;
    int count = drafts.size();
    this.tables = new StrokeTable[count];
    this.entry = new double[count][STATES];
    this.exit = new double[count][STATES];
    this.entryFrom = new int[count][STATES];
    this.exitFrom = new int[count][STATES];
    this.entryTo = new double[count][];
    this.exitTo = new double[count][];
    this.liftedTo = new double[count][];
    StrokeTables known = new StrokeTables(line, drafts);
    for (int i = 0; i < count; i++) {
      tables[i] = known.of(i);
      enter(i);
      draw(i);
    }
  }

  private static int state(int begun, int direction, int place) {
    return (begun * 2 + direction) * PLACES + place;
  }

  private static double place(int index) {
    return (double) index / (PLACES - 1);
  }

  private void enter(int stroke) {
    double[] here = entry[stroke];
    if (stroke == 0) {
      Arrays.fill(here, 2 * PLACES, STATES, Double.POSITIVE_INFINITY);
      return;
    }
    Arrays.fill(here, Double.POSITIVE_INFINITY);
    BowJoints.Retakes retakes = joints.new Retakes(stroke);
    for (int begun = 0; begun < begunKinds; begun++) {
      for (int direction = 0; direction < 2; direction++) {
        goOn(stroke, begun, direction);
        takeBack(stroke, begun, direction, retakes);
      }
    }
  }

  /** The bow turns, or goes on the same way, where it is. */
  private void goOn(int stroke, int begun, int direction) {
    double hook = joints.hook(stroke, DIRECTIONS[direction]);
    for (int p = 0; p < PLACES; p += step) {
      int from = state(begun, direction, p);
      double before = exit[stroke - 1][from];
      improve(stroke, state(begun, 1 - direction, p), before, from);
      improve(stroke, from, before + hook, from);
    }
  }

  private void takeBack(int stroke, int begun, int direction, BowJoints.Retakes retakes) {
    boolean[] worth = worthLifting(stroke, begun, direction, retakes.steepest() / (PLACES - 1));
    for (int next = 0; next < 2; next++) {
      double[] lifts = lifts(retakes, direction, next);
      int first = state(begun, next, 0);
      for (int p = 0; p < PLACES; p += step) {
        int from = state(begun, direction, p);
        double before = exit[stroke - 1][from];
        boolean tried = next == direction ? before < Double.POSITIVE_INFINITY : worth[p];
        if (tried) {
          for (int to = 0; to < PLACES; to += step) {
            improve(stroke, first + to, before + lifts[to - p + PLACES - 1], from);
          }
        }
      }
    }
  }

  /** Efforts of lifts by how many places they go outwards, from one less than -{@link #PLACES}. */
  private static double[] lifts(BowJoints.Retakes retakes, int direction, int next) {
    double[] lifts = new double[2 * PLACES - 1];
    for (int by = 1 - PLACES; by < PLACES; by++) {
      lifts[by + PLACES - 1] =
          retakes.effort(place(Math.abs(by)), by > 0, next == direction, DIRECTIONS[next]);
    }
    return lifts;
  }

  /**
   * Places from which a lift before a turn can be part of the cheapest way: where coming from
   * another place, and all the longer lift from there, is no cheaper. A lift that goes on the same
   * way costs a hook when it is short, so that this says nothing of it.
   */
  private boolean[] worthLifting(int stroke, int begun, int direction, double perCell) {
    double[] before = exit[stroke - 1];
    int first = state(begun, direction, 0);
    double[] reach = Arrays.copyOfRange(before, first, first + PLACES);
    for (int p = step; p < PLACES; p += step) {
      reach[p] = Math.min(reach[p], reach[p - step] + perCell * step);
    }
    for (int p = (PLACES - 1) / step * step - step; p >= 0; p -= step) {
      reach[p] = Math.min(reach[p], reach[p + step] + perCell * step);
    }
    boolean[] worth = new boolean[PLACES];
    for (int p = 0; p < PLACES; p += step) {
      worth[p] = before[first + p] < Double.POSITIVE_INFINITY && before[first + p] <= reach[p];
    }
    return worth;
  }

  private void improve(int stroke, int state, double effort, int from) {
    if (effort < entry[stroke][state]) {
      entry[stroke][state] = effort;
      entryFrom[stroke][state] = from;
    }
  }

  private void draw(int stroke) {
    double[] here = exit[stroke];
    Arrays.fill(here, Double.POSITIVE_INFINITY);
    for (int begun = 0; begun < begunKinds; begun++) {
      for (int direction = 0; direction < 2; direction++) {
        int after = begunKinds > 1 && figures.begins(stroke) ? direction : begun;
        double figure = figure(stroke, begun, direction);
        for (int start = 0; start < PLACES; start += step) {
          int from = state(begun, direction, start);
          double before = entry[stroke][from] + figure;
          if (before < Double.POSITIVE_INFINITY) {
            drawFrom(stroke, direction, start, before, from, after);
          }
        }
      }
    }
  }

  private double figure(int stroke, int begun, int direction) {
    return figures.repeats(stroke) && direction != begun ? OTHER_START : 0;
  }

  private void drawFrom(int stroke, int direction, int start, double before, int from, int after) {
    StrokeTable table = tables[stroke];
    int least = table.leastCells();
    int most = table.mostCells();
    int way = DIRECTIONS[direction] == BowDirection.DOWN ? 1 : -1;
    for (int cells = least + Math.floorMod(-least, step); cells <= most; cells += step) {
      int end = start + way * cells;
      if (end < 0 || end >= PLACES) {
        return;
      }
      double effort = before + table.effort(direction, start, end);
      int state = state(after, direction, end);
      if (effort < exit[stroke][state]) {
        exit[stroke][state] = effort;
        exitFrom[stroke][state] = from;
      }
    }
  }

  /** Works out the least effort from every state to the end; only other ways need it. */
  private void passBackward() {
    for (int stroke = 0; stroke < drafts.size(); stroke++) {
      entryTo[stroke] = new double[STATES];
      exitTo[stroke] = new double[STATES];
    }
    for (int stroke = drafts.size() - 1; stroke >= 0; stroke--) {
      drawBack(stroke);
      if (stroke > 0) {
        leave(stroke);
      }
    }
    isBackKnown = true;
  }

  private void drawBack(int stroke) {
    Arrays.fill(entryTo[stroke], Double.POSITIVE_INFINITY);
    StrokeTable table = tables[stroke];
    for (int begun = 0; begun < begunKinds; begun++) {
      for (int direction = 0; direction < 2; direction++) {
        int after = begunKinds > 1 && figures.begins(stroke) ? direction : begun;
        double figure = figure(stroke, begun, direction);
        int way = DIRECTIONS[direction] == BowDirection.DOWN ? 1 : -1;
        for (int start = 0; start < PLACES; start += step) {
          double least = Double.POSITIVE_INFINITY;
          int first = table.leastCells() + Math.floorMod(-table.leastCells(), step);
          for (int cells = first; cells <= table.mostCells(); cells += step) {
            int end = start + way * cells;
            if (end < 0 || end >= PLACES) {
              break;
            }
            double onward = exitTo[stroke][state(after, direction, end)];
            least = Math.min(least, table.effort(direction, start, end) + onward);
          }
          entryTo[stroke][state(begun, direction, start)] = least + figure;
        }
      }
    }
  }

  /** The mirror image of {@link #enter}. */
  private void leave(int stroke) {
    liftedTo[stroke] = liftedOnward(stroke);
    double[] lifted = liftedTo[stroke];
    for (int begun = 0; begun < begunKinds; begun++) {
      for (int direction = 0; direction < 2; direction++) {
        double hook = joints.hook(stroke, DIRECTIONS[direction]);
        for (int p = 0; p < PLACES; p += step) {
          int here = state(begun, direction, p);
          double turned = entryTo[stroke][state(begun, 1 - direction, p)];
          double hooked = entryTo[stroke][here] + hook;
          exitTo[stroke - 1][here] = Math.min(lifted[here], Math.min(turned, hooked));
        }
      }
    }
  }

  /** Least effort to the end from where the stroke before ends, when the bow is lifted there. */
  private double[] liftedOnward(int stroke) {
    double[] least = new double[STATES];
    Arrays.fill(least, Double.POSITIVE_INFINITY);
    BowJoints.Retakes retakes = joints.new Retakes(stroke);
    for (int direction = 0; direction < 2; direction++) {
      for (int next = 0; next < 2; next++) {
        double[] lifts = lifts(retakes, direction, next);
        for (int begun = 0; begun < begunKinds; begun++) {
          int first = state(begun, next, 0);
          for (int p = 0; p < PLACES; p += step) {
            int here = state(begun, direction, p);
            double best = least[here];
            for (int to = 0; to < PLACES; to += step) {
              best = Math.min(best, lifts[to - p + PLACES - 1] + entryTo[stroke][first + to]);
            }
            least[here] = best;
          }
        }
      }
    }
    return least;
  }

  /**
   * What each other way to take a stroke costs more than the best plan, exactly; ways that nobody
   * could take are left out.
   *
   * @param stroke its number
   * @param way how the best plan takes it
   * @param before how the best plan takes the stroke before; null for the first
   */
  synchronized List<OtherStroke> otherWays(int stroke, Way way, Way before) {
    if (!isBackKnown) {
      passBackward();
    }
    double least = least();
    int direction = way.direction().ordinal();
    List<OtherStroke> others = new ArrayList<>();
    String turned = way.isUp() ? "down-bow" : "up-bow";
    add(others, turned, leastThrough(stroke, 1 - direction, p -> true) - least);
    add(
        others,
        "start elsewhere",
        leastThrough(stroke, direction, p -> Math.abs(place(p) - way.start()) > ELSEWHERE) - least);
    boolean sameWay = before != null && before.direction() == way.direction();
    boolean moved = before != null && before.end() != way.start();
    if (before != null && !(sameWay && !moved)) {
      add(others, "hook", leastHooked(stroke) - least);
    }
    if (before != null && !moved) {
      add(others, "retake", leastLifted(stroke) - least);
    }
    others.sort(Comparator.comparingDouble(OtherStroke::extraEffort));
    return others;
  }

  private static void add(List<OtherStroke> others, String what, double extra) {
    if (Double.isFinite(extra)) {
      others.add(new OtherStroke(what, Math.max(0, extra)));
    }
  }

  private double leastThrough(int stroke, int direction, IntPredicate starts) {
    double least = Double.POSITIVE_INFINITY;
    for (int begun = 0; begun < begunKinds; begun++) {
      for (int p = 0; p < PLACES; p += step) {
        if (starts.test(p)) {
          int state = state(begun, direction, p);
          least = Math.min(least, entry[stroke][state] + entryTo[stroke][state]);
        }
      }
    }
    return least;
  }

  private double leastHooked(int stroke) {
    double least = Double.POSITIVE_INFINITY;
    for (int direction = 0; direction < 2; direction++) {
      double hook = joints.hook(stroke, DIRECTIONS[direction]);
      for (int begun = 0; begun < begunKinds; begun++) {
        for (int p = 0; p < PLACES; p += step) {
          int state = state(begun, direction, p);
          least = Math.min(least, exit[stroke - 1][state] + hook + entryTo[stroke][state]);
        }
      }
    }
    return least;
  }

  private double leastLifted(int stroke) {
    double[] lifted = liftedTo[stroke];
    double least = Double.POSITIVE_INFINITY;
    for (int state = 0; state < STATES; state++) {
      least = Math.min(least, exit[stroke - 1][state] + lifted[state]);
    }
    return least;
  }

  /** Least effort of all. */
  double least() {
    return drafts.isEmpty() ? 0 : Arrays.stream(exit[drafts.size() - 1]).min().orElseThrow();
  }

  /** The way of each stroke on a path of least effort. */
  List<Way> ways() {
    int count = drafts.size();
    Way[] ways = new Way[count];
    if (count == 0) {
      return List.of();
    }
    int state = 0;
    for (int s = 1; s < STATES; s++) {
      state = exit[count - 1][s] < exit[count - 1][state] ? s : state;
    }
    for (int i = count - 1; i >= 0; i--) {
      int start = exitFrom[i][state];
      BowDirection direction = DIRECTIONS[start / PLACES % 2];
      ways[i] = new Way(direction, place(start % PLACES), place(state % PLACES));
      state = entryFrom[i][start];
    }
    return new ArrayList<>(Arrays.asList(ways));
  }
}
