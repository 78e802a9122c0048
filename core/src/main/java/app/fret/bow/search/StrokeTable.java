package app.fret.bow.search;

import app.fret.bow.effort.BowTerm;
import app.fret.bow.effort.BowTerms;
import app.fret.bow.effort.BowWeights;
import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;
import app.fret.score.BowDirection;

/** What a stroke costs in every way it can be drawn, by what its terms look at. */
public final class StrokeTable {
  private static final double LEAST_OF_TARGET = 0.25;
  private static final double MOST_OF_TARGET = 2.2;

  private final int places;
  private final double[] byAmount;

  /** The same from the far end, so that an up-bow reads it forward. */
  private final double[] byAmountBack;

  private final double[] byMiddle;
  private final double[][] byStart;
  private final double[][] byEnd;
  private final int leastCells;
  private final int mostCells;

  /** A stroke on a grid of so many places. */
  public StrokeTable(StrokeProfile demand, BowWeights weights, int places) {
    this.places = places;
    this.byAmount = new double[places];
    this.byAmountBack = new double[places];
    this.byMiddle = new double[2 * places];
    this.byStart = new double[2][places];
    this.byEnd = new double[2][places];
    int cells = places - 1;
    double target = demand.targetCm() / demand.hairCm() * cells;
    leastCells = (int) Math.max(1, Math.floor(LEAST_OF_TARGET * target));
    mostCells = (int) Math.min(cells, Math.ceil(MOST_OF_TARGET * target) + 1);
    for (BowTerm term : BowTerms.all()) {
      add(term, weights.term(term), demand);
    }
    for (double[] efforts :
        new double[][] {byAmount, byMiddle, byStart[0], byStart[1], byEnd[0], byEnd[1]}) {
      EarlierSearch.makeExact(efforts);
    }
    for (int p = 0; p < places; p++) {
      byAmountBack[places - 1 - p] = byAmount[p];
    }
  }

  private static Way down(double start, double end) {
    return new Way(BowDirection.DOWN, start, end);
  }

  private void add(BowTerm term, double weight, StrokeProfile demand) {
    int cells = places - 1;
    switch (term.look()) {
      case AMOUNT -> {
        for (int p = 0; p < places; p++) {
          byAmount[p] += weight * term.effort(demand, down(0, (double) p / cells));
        }
      }
      case MIDDLE -> {
        for (int sum = 0; sum < 2 * places - 1; sum++) {
          double middle = (double) sum / (2 * cells);
          byMiddle[sum] += weight * term.effort(demand, down(middle, middle));
        }
      }
      case START -> add(byStart, term, weight, demand);
      case END -> add(byEnd, term, weight, demand);
    }
  }

  private void add(double[][] table, BowTerm term, double weight, StrokeProfile demand) {
    for (BowDirection direction : BowDirection.values()) {
      for (int p = 0; p < places; p++) {
        double place = (double) p / (places - 1);
        table[direction.ordinal()][p] +=
            weight * term.effort(demand, new Way(direction, place, place));
      }
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

  /** First place at which a stroke from a start may end. */
  public int firstEnd(int direction, int start) {
    return isDown(direction) ? start + leastCells : Math.max(0, start - mostCells);
  }

  /** Last place at which it may end; before the first when it cannot. */
  public int lastEnd(int direction, int start) {
    return isDown(direction) ? Math.min(places - 1, start + mostCells) : start - leastCells;
  }

  private static boolean isDown(int direction) {
    return direction == BowDirection.DOWN.ordinal();
  }

  /** Effort of a way, by the number of its direction and the numbers of its places. */
  public double effort(int direction, int start, int end) {
    return byStart[direction][start]
        + byAmount[Math.abs(end - start)]
        + byMiddle[start + end]
        + byEnd[direction][end];
  }

  /**
   * Lowers the efforts of all ends that can be reached from a start.
   *
   * @param before effort up to here
   * @param ends efforts by end, from the offset on
   */
  void lower(int direction, int start, double before, double[] ends, int offset) {
    double base = before + byStart[direction][start];
    double[] amounts = isDown(direction) ? byAmount : byAmountBack;
    int shift = isDown(direction) ? -start : places - 1 - start;
    double[] end = byEnd[direction];
    double[] middle = byMiddle;
    int last = lastEnd(direction, start);
    for (int e = firstEnd(direction, start); e <= last; e++) {
      double effort = base + amounts[e + shift] + middle[e + start] + end[e];
      if (effort < ends[offset + e]) {
        ends[offset + e] = effort;
      }
    }
  }

  /** The least effort from a start on, given what follows from each end. */
  double least(int direction, int start, double[] onward, int offset) {
    double[] amounts = isDown(direction) ? byAmount : byAmountBack;
    int shift = isDown(direction) ? -start : places - 1 - start;
    double[] end = byEnd[direction];
    double least = Double.POSITIVE_INFINITY;
    int last = lastEnd(direction, start);
    for (int e = firstEnd(direction, start); e <= last; e++) {
      double effort = amounts[e + shift] + byMiddle[e + start] + end[e] + onward[offset + e];
      least = Math.min(least, effort);
    }
    return least + byStart[direction][start];
  }
}
