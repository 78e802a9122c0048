package app.fret.engraving;

import java.util.Arrays;

/** How far marks reach up and down at each place of a system, so that others keep clear. */
final class Skyline {
  private static final double STEP = 0.2;

  private final double[] top;
  private final double[] bottom;

  Skyline(double width) {
    int steps = (int) Math.ceil(width / STEP) + 2;
    top = new double[steps];
    bottom = new double[steps];
    Arrays.fill(top, Double.POSITIVE_INFINITY);
    Arrays.fill(bottom, Double.NEGATIVE_INFINITY);
  }

  private int at(double x) {
    return Math.max(0, Math.min(top.length - 1, (int) Math.floor(x / STEP)));
  }

  void add(double left, double right, double upper, double lower) {
    for (int i = at(left); i <= at(right); i++) {
      top[i] = Math.min(top[i], upper);
      bottom[i] = Math.max(bottom[i], lower);
    }
  }

  /** Highest point between two places, the staff included. */
  double topBetween(double left, double right) {
    return Math.min(0, inkTopBetween(left, right));
  }

  /** Lowest point between two places, the staff included. */
  double bottomBetween(double left, double right) {
    return Math.max(4, inkBottomBetween(left, right));
  }

  /** Highest point of any mark but the staff; infinitely low where there is none. */
  double inkTopBetween(double left, double right) {
    double highest = Double.POSITIVE_INFINITY;
    for (int i = at(left); i <= at(right); i++) {
      highest = Math.min(highest, top[i]);
    }
    return highest;
  }

  /** Lowest point of any mark but the staff; infinitely high where there is none. */
  double inkBottomBetween(double left, double right) {
    double lowest = Double.NEGATIVE_INFINITY;
    for (int i = at(left); i <= at(right); i++) {
      lowest = Math.max(lowest, bottom[i]);
    }
    return lowest;
  }

  double highest() {
    return topBetween(0, top.length * STEP);
  }

  double lowest() {
    return bottomBetween(0, top.length * STEP);
  }
}
