package app.fret.bow.search;

import java.util.ArrayList;
import java.util.List;

/**
 * What one joint costs on the grid: the bow turns, goes on, or is lifted and set elsewhere.
 *
 * <p>The effort of a lift is linear in its distance but for a few corners. Over each straight piece
 * the least of {@code before + effort} for all places is a sliding window's minimum, so that all
 * lifts together cost O(p) for p places, not O(p^2). Source: the monotone queue, folklore.
 */
public final class JointCosts {
  /** Rounding of a sum of a few efforts. */
  private static final double STRAIGHT = 1e-12;

  private final int places;
  private final double turn;
  private final double[] hooks = new double[2];

  /** Efforts by direction before and after and by how many places outwards, from 1 - places on. */
  private final double[][][] lifted = new double[2][2][];

  private final List<List<Piece>> pieces = new ArrayList<>();

  /**
   * Distances over which a lift's effort grows evenly.
   *
   * @param outwards whether the bow is set nearer the tip
   * @param from least distance, in places
   * @param to greatest distance
   * @param effort at the least distance
   * @param slope by which it grows a place
   */
  private record Piece(boolean outwards, int from, int to, double effort, double slope) {
    Piece farFrom(int nearest) {
      return from >= nearest
          ? this
          : new Piece(outwards, nearest, to, effort + slope * (nearest - from), slope);
    }
  }

  /** A joint on a grid of so many places. */
  public JointCosts(BowJoints.Joint joint, int places) {
    this.places = places;
    this.turn = EarlierSearch.exact(joint.turn());
    for (int direction = 0; direction < 2; direction++) {
      hooks[direction] = EarlierSearch.exact(joint.hook(BowSearch.DIRECTIONS[direction]));
      for (int next = 0; next < 2; next++) {
        double[] efforts = new double[2 * places - 1];
        for (int by = 1 - places; by < places; by++) {
          double distance = (double) Math.abs(by) / (places - 1);
          efforts[by + places - 1] =
              joint.lifted(distance, by > 0, next == direction, BowSearch.DIRECTIONS[next]);
        }
        lifted[direction][next] = efforts;
        List<Piece> straight = new ArrayList<>();
        addPieces(efforts, false, straight);
        addPieces(efforts, true, straight);
        EarlierSearch.makeExact(efforts);
        pieces.add(straight);
      }
    }
  }

  /** Cuts the efforts of one side at their corners; distances without time are left out. */
  private void addPieces(double[] efforts, boolean outwards, List<Piece> straight) {
    int sign = outwards ? 1 : -1;
    int from = outwards ? 1 : 0;
    while (from < places) {
      double first = efforts[places - 1 + sign * from];
      if (first == Double.POSITIVE_INFINITY) {
        from++;
        continue;
      }
      int to = from;
      double slope = from + 1 < places ? efforts[places - 1 + sign * (from + 1)] - first : 0;
      slope = slope == Double.POSITIVE_INFINITY ? 0 : slope;
      while (to + 1 < places
          && Math.abs(efforts[places - 1 + sign * (to + 1)] - first - slope * (to + 1 - from))
              < STRAIGHT) {
        to++;
      }
      straight.add(new Piece(outwards, from, to, first, slope));
      from = to + 1;
    }
  }

  /** Effort of going from a place in a direction to a place from which the next stroke goes. */
  public double effort(int direction, int from, int next, int to) {
    double lift = lifted[direction][next][to - from + places - 1];
    if (from != to) {
      return lift;
    }
    return Math.min(lift, next == direction ? hooks[direction] : turn);
  }

  double hook(int direction) {
    return hooks[direction];
  }

  /**
   * Lowers the efforts of all places to what going on from them costs at least.
   *
   * @param starts what follows by direction and start, from an offset on
   * @param direction in which the bow went
   * @param from efforts by place before, from an offset on
   */
  void lowerBack(double[] starts, int offset, int direction, double[] from, int at) {
    int turned = offset + (1 - direction) * places;
    int onward = offset + direction * places;
    for (int p = 0; p < places; p++) {
      double least = Math.min(starts[turned + p] + turn, starts[onward + p] + hooks[direction]);
      from[at + p] = Math.min(from[at + p], least);
    }
    lowerBackLifted(starts, offset, direction, 0, from, at);
  }

  /**
   * The same where the bow is lifted.
   *
   * @param nearest fewest places it is set away
   */
  void lowerBackLifted(
      double[] starts, int offset, int direction, int nearest, double[] from, int at) {
    for (int next = 0; next < 2; next++) {
      for (Piece piece : pieces.get(2 * direction + next)) {
        if (piece.to() >= nearest) {
          Slide slide = new Slide(piece.farFrom(nearest), lifted[direction][next], true);
          slide.lower(starts, offset + next * places, from, at);
        }
      }
    }
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
    for (int next = 0; next < 2; next++) {
      for (Piece piece : pieces.get(2 * direction + next)) {
        new Slide(piece, lifted[direction][next], false)
            .lower(from, at, starts, offset + next * places);
      }
    }
  }

  /**
   * Lowers all targets by lifts over one piece. Places are walked in the direction of the lift, so
   * that the sources within reach of a target are a window that slides along; the queue holds those
   * of them that may still be the least, the least first. Back from the starts to the places before
   * them all is mirrored.
   */
  private final class Slide {
    private final Piece piece;
    private final double[] efforts;
    private final boolean back;
    private final int[] queue = new int[places];
    private final double[] ranks = new double[places];

    Slide(Piece piece, double[] efforts, boolean back) {
      this.piece = piece;
      this.efforts = efforts;
      this.back = back;
    }

    void lower(double[] sources, int at, double[] targets, int offset) {
      int head = 0;
      int tail = 0;
      for (int step = piece.from(); step < places; step++) {
        double before = sources[at + place(step - piece.from())];
        if (before < Double.POSITIVE_INFINITY) {
          double rank = before - piece.slope() * (step - piece.from());
          while (tail > head && ranks[tail - 1] >= rank) {
            tail--;
          }
          queue[tail] = step - piece.from();
          ranks[tail++] = rank;
        }
        while (head < tail && queue[head] < step - piece.to()) {
          head++;
        }
        if (head < tail) {
          int target = place(step);
          int source = place(queue[head]);
          int by = back ? source - target : target - source;
          double effort = sources[at + source] + efforts[by + places - 1];
          targets[offset + target] = Math.min(targets[offset + target], effort);
        }
      }
    }

    /** A place by how far along the way of a piece's lifts it lies. */
    private int place(int along) {
      return piece.outwards() != back ? along : places - 1 - along;
    }
  }
}
