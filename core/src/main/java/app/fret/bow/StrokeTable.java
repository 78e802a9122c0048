package app.fret.bow;

import app.fret.score.BowDirection;
import java.util.List;

/** What a stroke costs in every way it can be drawn, by what its terms look at. */
final class StrokeTable {
  private static final double LEAST_OF_TARGET = 0.25;
  private static final double MOST_OF_TARGET = 2.2;
  private static final int CELLS = BowSearch.PLACES - 1;

  private final double[] byAmount = new double[BowSearch.PLACES];
  private final double[] byMiddle = new double[2 * BowSearch.PLACES];
  private final double[][] byStart = new double[2][BowSearch.PLACES];
  private final double[][] byEnd = new double[2][BowSearch.PLACES];
  private final int leastCells;
  private final int mostCells;

  StrokeTable(BowLine line, int stroke, List<Draft> drafts) {
    double target = drafts.get(stroke).targetCm() / line.hairCm() * CELLS;
    leastCells = (int) Math.max(1, Math.floor(LEAST_OF_TARGET * target));
    mostCells = (int) Math.min(CELLS, Math.ceil(MOST_OF_TARGET * target) + 1);
    for (BowTerm term : BowTerms.all()) {
      for (int p = 0; p < BowSearch.PLACES; p++) {
        double place = (double) p / CELLS;
        switch (term.look()) {
          case AMOUNT -> byAmount[p] += term.effort(line, stroke, drafts, down(0, place));
          case MIDDLE -> addMiddles(term, line, stroke, drafts, p);
          case START -> add(byStart, term, line, stroke, drafts, p);
          case END -> add(byEnd, term, line, stroke, drafts, p);
        }
      }
    }
  }

  private static Way down(double start, double end) {
    return new Way(BowDirection.DOWN, start, end);
  }

  private void addMiddles(BowTerm term, BowLine line, int stroke, List<Draft> drafts, int p) {
    for (int sum = 2 * p; sum < Math.min(2 * p + 2, 2 * BowSearch.PLACES - 1); sum++) {
      double middle = (double) sum / (2 * CELLS);
      byMiddle[sum] += term.effort(line, stroke, drafts, down(middle, middle));
    }
  }

  private static void add(
      double[][] table, BowTerm term, BowLine line, int stroke, List<Draft> drafts, int p) {
    double place = (double) p / CELLS;
    for (BowDirection direction : BowDirection.values()) {
      table[direction.ordinal()][p] +=
          term.effort(line, stroke, drafts, new Way(direction, place, place));
    }
  }

  /** Fewest cells of the grid that are tried. */
  int leastCells() {
    return leastCells;
  }

  /** Most cells that are tried. */
  int mostCells() {
    return mostCells;
  }

  /** Effort of a way, by the number of its direction and the numbers of its places. */
  double effort(int direction, int start, int end) {
    return byAmount[Math.abs(end - start)]
        + byMiddle[start + end]
        + byStart[direction][start]
        + byEnd[direction][end];
  }
}
