package app.fret.practice.schedule;

import java.util.List;

/**
 * How the minutes of one day are shared out.
 *
 * <p>Problem: whole minutes {@code m} for each passage, together no more than there are, so that
 * {@code sum of max(0, 1.2 need - 0.9 rate days (1 - exp(-m/10)))^2} is least: what each would
 * still lack on its day if every day were like this one, counted double where it is most. Method:
 * minute by minute to whom it helps most. The sum is convex and separable, so that this is a least
 * one in whole minutes. Source: greedy allocation of a separable convex sum, Fox 1966, Management
 * Science 13(3), from memory. Cost: O(minutes x passages).
 */
final class DayProblem {
  private static final double NOTHING = 1e-15;

  private DayProblem() {}

  /**
   * What a passage lacks.
   *
   * @param need how far the estimate is from the goal
   * @param rate gain a dose brings
   * @param days days of practice left
   * @param most most minutes it may have
   */
  record Wish(double need, double rate, int days, int most) {
    double lack(int minutes) {
      double lack =
          Model.figure("need.weight") * need
              - Model.figure("gain.weight") * rate * days * Model.dose(minutes);
      return Math.max(0, lack) * Math.max(0, lack);
    }

    double urgency() {
      return need / rate;
    }
  }

  /** Minutes for each, in order. */
  static int[] allot(List<Wish> wishes, int minutes, Learner.Stance stance) {
    int[] allotted = new int[wishes.size()];
    double[] drops = new double[wishes.size()];
    for (int i = 0; i < drops.length; i++) {
      drops[i] = drop(wishes.get(i), 0);
    }
    for (int minute = 0; minute < minutes; minute++) {
      int best = next(wishes, allotted, drops, stance);
      if (best < 0) {
        return allotted;
      }
      allotted[best]++;
      drops[best] = drop(wishes.get(best), allotted[best]);
    }
    return allotted;
  }

  private static double drop(Wish wish, int minutes) {
    return wish.lack(minutes) - wish.lack(minutes + 1);
  }

  /** Who gets the next minute; -1 when nobody may have one. */
  private static int next(
      List<Wish> wishes, int[] allotted, double[] drops, Learner.Stance stance) {
    int best = -1;
    boolean even = stance == Learner.Stance.EVEN;
    boolean helps = false;
    for (int i = 0; i < wishes.size(); i++) {
      helps |= allotted[i] < wishes.get(i).most() && drops[i] > NOTHING;
    }
    for (int i = 0; i < wishes.size(); i++) {
      if (allotted[i] >= wishes.get(i).most()) {
        continue;
      }
      if (best < 0 || isBefore(wishes, allotted, drops, even, helps, i, best)) {
        best = i;
      }
    }
    return best;
  }

  private static boolean isBefore(
      List<Wish> wishes,
      int[] allotted,
      double[] drops,
      boolean even,
      boolean helps,
      int one,
      int other) {
    if (!even) {
      return allotted[one] < allotted[other];
    }
    if (helps) {
      return drops[one] > drops[other]
          || drops[one] == drops[other] && allotted[one] < allotted[other];
    }
    return allotted[one] / wishes.get(one).need() < allotted[other] / wishes.get(other).need();
  }
}
