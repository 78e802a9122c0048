package app.fret.bow;

/** What one joint costs on the grid: the bow turns, goes on, or is lifted and set elsewhere. */
final class Lifts {
  private final int places;
  private final double turn;
  private final double[] hooks = new double[2];

  /** Efforts by direction before and after and by how many places outwards, from 1 - places on. */
  private final double[][][] lifted = new double[2][2][];

  /** Most places a lift goes in the time there is; -1 for none. */
  private final int reach;

  Lifts(BowJoints.Joint joint, int places) {
    this.places = places;
    this.turn = joint.turn();
    int furthest = -1;
    for (int direction = 0; direction < 2; direction++) {
      hooks[direction] = joint.hook(BowSearch.DIRECTIONS[direction]);
      for (int next = 0; next < 2; next++) {
        double[] efforts = new double[2 * places - 1];
        for (int by = 1 - places; by < places; by++) {
          double distance = (double) Math.abs(by) / (places - 1);
          double effort =
              joint.lifted(distance, by > 0, next == direction, BowSearch.DIRECTIONS[next]);
          efforts[by + places - 1] = effort;
          furthest =
              effort < Double.POSITIVE_INFINITY ? Math.max(furthest, Math.abs(by)) : furthest;
        }
        lifted[direction][next] = efforts;
      }
    }
    this.reach = furthest;
  }

  /** Effort of going from a place in a direction to a place from which the next stroke goes. */
  double effort(int direction, int from, int next, int to) {
    double lift = lifted[direction][next][to - from + places - 1];
    if (from != to) {
      return lift;
    }
    return Math.min(lift, next == direction ? hooks[direction] : turn);
  }

  /** Effort of lifting the bow, even to set it where it was. */
  double lift(int direction, int from, int next, int to) {
    return lifted[direction][next][to - from + places - 1];
  }

  /** The least effort from a place on, given what follows from each start. */
  double least(int direction, int from, double[] onward, int offset) {
    double least =
        Math.min(
            onward[offset + (1 - direction) * places + from] + turn,
            onward[offset + direction * places + from] + hooks[direction]);
    return Math.min(least, leastLifted(direction, from, onward, offset, 0));
  }

  /**
   * The least effort from a place on when the bow is lifted there.
   *
   * @param nearest fewest places it is set away
   */
  double leastLifted(int direction, int from, double[] onward, int offset, int nearest) {
    double least = Double.POSITIVE_INFINITY;
    int shift = places - 1 - from;
    int last = Math.min(places - 1, from + reach);
    for (int next = 0; next < 2; next++) {
      double[] efforts = lifted[direction][next];
      int starts = offset + next * places;
      for (int to = Math.max(0, from - reach); to <= last && reach >= 0; to++) {
        if (Math.abs(to - from) >= nearest) {
          least = Math.min(least, efforts[to + shift] + onward[starts + to]);
        }
      }
    }
    return least;
  }

  double hook(int direction) {
    return hooks[direction];
  }

  /**
   * Lowers the efforts of all starts that can be reached.
   *
   * @param from efforts by place before, from an offset on
   * @param direction in which the bow went
   * @param starts efforts by direction and start, from an offset on
   */
  void lower(double[] from, int at, int direction, double[] starts, int offset) {
    int turned = offset + (1 - direction) * places;
    int onward = offset + direction * places;
    for (int p = 0; p < places; p++) {
      starts[turned + p] = Math.min(starts[turned + p], from[at + p] + turn);
      starts[onward + p] = Math.min(starts[onward + p], from[at + p] + hooks[direction]);
    }
    if (reach < 0) {
      return;
    }
    for (int next = 0; next < 2; next++) {
      double[] efforts = lifted[direction][next];
      for (int p = 0; p < places; p++) {
        double effort = from[at + p];
        if (effort < Double.POSITIVE_INFINITY) {
          lower(starts, offset + next * places, effort, efforts, p);
        }
      }
    }
  }

  /** Written so that the machine takes several starts at once. */
  private void lower(double[] starts, int offset, double effort, double[] efforts, int from) {
    int shift = places - 1 - from;
    int last = Math.min(places - 1, from + reach);
    for (int to = Math.max(0, from - reach); to <= last; to++) {
      starts[offset + to] = Math.min(starts[offset + to], effort + efforts[to + shift]);
    }
  }
}
