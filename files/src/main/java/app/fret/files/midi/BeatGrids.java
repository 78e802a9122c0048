package app.fret.files.midi;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Into how many parts each beat of played music is divided, and how late it comes.
 *
 * <p>Problem: one division and one lateness for each beat, so that the whole is simplest to read
 * and within what the ear hears. Recurrence: best(b, g, l) = effort(g) + misfit(b, g, l) + min over
 * g', l' of best(b-1, g', l') + change. Exact; cost O(beats x (divisions x latenesses)²) with some
 * forty states. Units: effort has none; misfit is the squared distance in standard deviations of
 * human timing.
 *
 * <p>That a beat may come late, and its neighbours then too, follows a tempo that bends.
 */
final class BeatGrids {
  /** How far a good player's onsets lie from where they are meant, in seconds (CP). */
  private static final double SPREAD_SECONDS = 0.030;

  /** Divisions of a quarter, with what they cost to read. */
  private static final int[] PARTS = {1, 2, 4, 8, 3, 6, 5, 7};

  private static final double[] EFFORT = {0, 0.2, 0.8, 2.2, 1.4, 2.4, 7, 8};

  /** What each point costs that no coarser division of its kind has. */
  private static final double[] PER_POINT = {0, 0.15, 0.9, 1.6, 0.5, 1.0, 0.9, 0.9};

  /** From twos to threes and back again. */
  private static final double OTHER_FAMILY = 0.8;

  /** Two that begin apart cannot be written together. */
  private static final double COLLISION = 12;

  private static final int LATENESSES = 5;
  private static final double LATENESS_SECONDS = 0.02;
  private static final double PER_LATENESS = 0.35;
  private static final double PER_LATENESS_CHANGE = 0.9;

  private final MidiSettings settings;

  BeatGrids(MidiSettings settings) {
    this.settings = settings;
  }

  /**
   * A beat.
   *
   * @param quarters how long it is; 1 but at the end of a bar that is no whole number of quarters
   * @param seconds how long it lasts
   * @param onsets onsets in it, in quarters from its start, in order
   */
  record Beat(double quarters, double seconds, List<Double> onsets) {}

  /**
   * How a beat is divided.
   *
   * @param parts parts of a quarter
   * @param late how late it comes, in quarters
   */
  record Division(int parts, double late) {
    boolean isTuplet() {
      return Integer.bitCount(parts) > 1;
    }

    /** The point nearest to an onset, counted in parts. */
    long point(double onset) {
      return Math.round((onset - late) * parts);
    }
  }

  /** The divisions of all beats. */
  List<Division> of(List<Beat> beats) {
    int states = PARTS.length * LATENESSES;
    double[] best = new double[states];
    List<int[]> from = new ArrayList<>();
    for (int b = 0; b < beats.size(); b++) {
      double[] now = new double[states];
      int[] back = new int[states];
      for (int state = 0; state < states; state++) {
        double own = price(beats.get(b), state);
        back[state] = b == 0 || own == Double.POSITIVE_INFINITY ? 0 : cheapest(best, state);
        double before = b == 0 ? 0 : best[back[state]] + change(back[state], state);
        now[state] = own + before;
      }
      best = now;
      from.add(back);
    }
    return walk(beats, best, from);
  }

  private static int cheapest(double[] best, int to) {
    int cheapest = 0;
    for (int state = 1; state < best.length; state++) {
      if (best[state] + change(state, to) < best[cheapest] + change(cheapest, to)) {
        cheapest = state;
      }
    }
    return cheapest;
  }

  private static double change(int from, int to) {
    int grid = from / LATENESSES;
    int other = to / LATENESSES;
    boolean plain = PARTS[grid] == 1 || PARTS[other] == 1;
    boolean sameFamily = Integer.bitCount(PARTS[grid]) == Integer.bitCount(PARTS[other]);
    int later = Math.abs(from % LATENESSES - to % LATENESSES);
    return (plain || sameFamily ? 0 : OTHER_FAMILY) + PER_LATENESS_CHANGE * later;
  }

  private static double late(Beat beat, int state) {
    int step = state % LATENESSES - LATENESSES / 2;
    return step * LATENESS_SECONDS * beat.quarters() / beat.seconds();
  }

  private double price(Beat beat, int state) {
    int parts = PARTS[state / LATENESSES];
    boolean fits = parts == 1 || isWhole(parts * beat.quarters()) && mayDivide(beat, parts);
    if (!fits || !settings.allows(parts) && parts > 1) {
      return Double.POSITIVE_INFINITY;
    }
    double latenessPrice = PER_LATENESS * Math.abs(state % LATENESSES - LATENESSES / 2);
    return EFFORT[state / LATENESSES] + latenessPrice + misfit(beat, state);
  }

  private static boolean isWhole(double number) {
    return Math.abs(number - Math.rint(number)) < 1e-9;
  }

  private static boolean mayDivide(Beat beat, int parts) {
    return Integer.bitCount(parts) == 1 || beat.quarters() > 1 - 1e-9;
  }

  private static double misfit(Beat beat, int state) {
    int grid = state / LATENESSES;
    int parts = PARTS[grid];
    Division division = new Division(parts, late(beat, state));
    double secondsPerQuarter = beat.seconds() / beat.quarters();
    double sum = 0;
    long before = Long.MIN_VALUE;
    for (double onset : beat.onsets()) {
      long point = division.point(onset);
      double away =
          (onset - division.late() - (double) point / parts) * secondsPerQuarter / SPREAD_SECONDS;
      sum += away * away / 2 + (point == before ? COLLISION : 0);
      boolean own = point % parts != 0 && (parts < 4 || parts > 6 || point % 2 != 0);
      sum += own ? PER_POINT[grid] : 0;
      before = point;
    }
    return sum;
  }

  private static List<Division> walk(List<Beat> beats, double[] last, List<int[]> from) {
    int state = 0;
    for (int s = 1; s < last.length; s++) {
      state = last[s] < last[state] ? s : state;
    }
    Division[] divisions = new Division[beats.size()];
    for (int b = beats.size() - 1; b >= 0; b--) {
      divisions[b] = new Division(PARTS[state / LATENESSES], late(beats.get(b), state));
      state = from.get(b)[state];
    }
    return Arrays.asList(divisions);
  }
}
