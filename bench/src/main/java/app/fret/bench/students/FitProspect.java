package app.fret.bench.students;

import app.fret.bench.students.Student.Traits;
import app.fret.practice.schedule.Prospect;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Fits the chance to be ready on the date to students whose seeds are used for nothing else, all
 * kinds and programmes alike: logistic regression with a little ridge, by Newton's method.
 */
final class FitProspect {
  private static final int SEED = 500_000;
  private static final double RIDGE = 1;
  private static final int STEPS = 25;

  /** Before so many contacts nothing is said. */
  private static final int FROM_CONTACTS = 6;

  private record Case(double[] figures, boolean isReady) {}

  private FitProspect() {}

  static void print(PrintStream out, int seeds) {
    List<Case> cases = new ArrayList<>();
    for (Programme programme : Programme.values()) {
      for (Traits traits : Students.kinds().values()) {
        for (int seed = 1; seed <= seeds; seed++) {
          Weeks weeks = new Weeks(programme, Policy.CHOSEN, traits, SEED + seed, programme.days);
          weeks.live();
          weeks.said().stream()
              .filter(s -> s.contacts() >= FROM_CONTACTS)
              .forEach(s -> cases.add(new Case(s.figures(), weeks.isReady(s.item()))));
        }
      }
    }
    double[] weights = fit(cases);
    out.println(cases.size() + " days");
    for (int i = 0; i < weights.length; i++) {
      out.printf(Locale.ROOT, "prospect.weight-%d = %.3f%n", i, weights[i]);
    }
  }

  private static double[] fit(List<Case> cases) {
    int n = Prospect.FIGURES;
    double[] weights = new double[n];
    for (int step = 0; step < STEPS; step++) {
      double[][] curve = new double[n][n];
      double[] slope = new double[n];
      for (int i = 0; i < n; i++) {
        curve[i][i] = RIDGE;
        slope[i] = -RIDGE * weights[i];
      }
      for (Case one : cases) {
        double sum = 0;
        for (int i = 0; i < n; i++) {
          sum += weights[i] * one.figures()[i];
        }
        double chance = 1 / (1 + Math.exp(-sum));
        double weight = chance * (1 - chance);
        for (int i = 0; i < n; i++) {
          slope[i] += ((one.isReady() ? 1 : 0) - chance) * one.figures()[i];
          for (int j = 0; j < n; j++) {
            curve[i][j] += weight * one.figures()[i] * one.figures()[j];
          }
        }
      }
      double[] move = solve(curve, slope);
      for (int i = 0; i < n; i++) {
        weights[i] += move[i];
      }
    }
    return weights;
  }

  /** Gauss with pivoting. */
  private static double[] solve(double[][] a, double[] b) {
    int n = b.length;
    for (int column = 0; column < n; column++) {
      int pivot = column;
      for (int row = column + 1; row < n; row++) {
        pivot = Math.abs(a[row][column]) > Math.abs(a[pivot][column]) ? row : pivot;
      }
      double[] swapped = a[column];
      a[column] = a[pivot];
      a[pivot] = swapped;
      double right = b[column];
      b[column] = b[pivot];
      b[pivot] = right;
      for (int row = column + 1; row < n; row++) {
        double share = a[row][column] / a[column][column];
        for (int k = column; k < n; k++) {
          a[row][k] -= share * a[column][k];
        }
        b[row] -= share * b[column];
      }
    }
    double[] x = new double[n];
    for (int row = n - 1; row >= 0; row--) {
      double sum = b[row];
      for (int k = row + 1; k < n; k++) {
        sum -= a[row][k] * x[k];
      }
      x[row] = sum / a[row][row];
    }
    return x;
  }
}
