package app.fret.bow;

import app.fret.score.BowDirection;
import java.util.List;
import java.util.Locale;

/**
 * What it costs to go from one stroke to the next: the bow turns, or goes on in one direction (a
 * hook), or is lifted and set anew (a retake). Common practice without a source; figures found by
 * trying passages.
 */
final class BowJoints {
  /** A full retake takes so long, in s. */
  static final double FULL_RETAKE_SECONDS = 0.20;

  private static final double LEAST_RETAKE_SECONDS = 0.08;
  private static final double MOST_RELEASE_SECONDS = 0.25;
  private static final double RELEASE_SHARE = 0.35;
  private static final double REST_SECONDS = 0.12;
  private static final double LONGER_REST_SECONDS = 0.3;

  private static final double HOOK = 1.6;
  private static final double HOOK_AGAINST_PRINT = 4;
  private static final double HOOK_CALM = 0.65;
  private static final double HOOK_CALM_SECONDS = 0.28;
  private static final double HOOK_TWO_DOWNS = 0.2;
  private static final double HOOK_AFTER_REST = 0.25;
  private static final double HOOK_AFTER_LONGER_REST = 0.08;

  private static final double LIFT_EASY = 0.35;
  private static final double LIFT_ACCENTED = 0.6;
  private static final double LIFT_SOFT_ACCENT = 0.9;
  private static final double LIFT_LOUD = 1;
  private static final double LIFT_SINGING = 1.4;
  private static final double LIFT_AT_ALL = 0.04;
  private static final double PER_BOW = 0.25;
  private static final double PER_BOW_IN_REST = 0.06;
  private static final double LOST_LENGTH = 2;
  private static final double TO_THE_TIP = 0.4;
  private static final double NOT_WORTH_A_LIFT = 0.1;

  private final BowLine line;
  private final List<Draft> drafts;
  private final boolean keepsPrint;

  BowJoints(BowLine line, List<Draft> drafts, boolean keepsPrint) {
    this.line = line;
    this.drafts = drafts;
    this.keepsPrint = keepsPrint;
  }

  /** Rest between a stroke and the one before, plucked notes counted in, in s. */
  double restSeconds(int stroke) {
    int from = drafts.get(stroke - 1).notes().last() + 1;
    int to = drafts.get(stroke).notes().first();
    double rest = line.note(to).silenceSeconds();
    for (int i = from; i < to; i++) {
      rest += line.note(i).silenceSeconds() + line.note(i).seconds();
    }
    return rest;
  }

  /** Effort of going on in the same direction from where the bow is. */
  double hook(int stroke, BowDirection direction) {
    double rest = restSeconds(stroke);
    if (rest >= LONGER_REST_SECONDS) {
      return HOOK_AFTER_LONGER_REST;
    }
    if (rest >= REST_SECONDS) {
      return HOOK_AFTER_REST;
    }
    if (keepsPrint) {
      return HOOK_AGAINST_PRINT;
    }
    Draft before = drafts.get(stroke - 1);
    Draft now = drafts.get(stroke);
    boolean calm = Math.min(before.seconds(), now.seconds()) >= HOOK_CALM_SECONDS;
    boolean weaker = first(now).stress() < first(before).stress();
    double effort = calm && weaker ? HOOK_CALM : HOOK;
    return effort + (direction == BowDirection.DOWN ? HOOK_TWO_DOWNS : 0);
  }

  private BowedNote first(Draft draft) {
    return line.note(draft.notes().first());
  }

  /** Time a retake over a share of the bow needs, in s. */
  static double neededSeconds(double distance) {
    return Math.max(LEAST_RETAKE_SECONDS, FULL_RETAKE_SECONDS * distance);
  }

  /** Time there is for a retake: the rest, and what the note before can give, in s. */
  double availableSeconds(int stroke) {
    double before = drafts.get(stroke - 1).seconds();
    return restSeconds(stroke) + Math.min(RELEASE_SHARE * before, MOST_RELEASE_SECONDS);
  }

  /** Retakes before a stroke, with what they share worked out once. */
  final class Retakes {
    private final double available;
    private final double rest;
    private final double lift;
    private final double perBow;
    private final double towardsTip;
    private final double lostPerSecond;
    private final double[] hooks = new double[2];

    Retakes(int stroke) {
      available = availableSeconds(stroke);
      rest = restSeconds(stroke);
      boolean inRest = rest >= LEAST_RETAKE_SECONDS;
      lift = lift(stroke) * Math.max(0, 1 - rest / REST_SECONDS) + LIFT_AT_ALL;
      perBow = inRest ? PER_BOW_IN_REST : PER_BOW;
      towardsTip = inRest ? 0 : TO_THE_TIP;
      lostPerSecond = LOST_LENGTH / drafts.get(stroke - 1).seconds();
      for (BowDirection direction : BowDirection.values()) {
        hooks[direction.ordinal()] = hook(stroke, direction);
      }
    }

    /**
     * Effort of lifting the bow and setting it elsewhere; infinite when there is no time.
     *
     * @param distance how far, as a share of the hair
     * @param outwards whether it is set nearer the tip
     * @param sameWay whether the next stroke goes the way of the one before
     * @param direction of the next stroke
     */
    double effort(double distance, boolean outwards, boolean sameWay, BowDirection direction) {
      double needed = neededSeconds(distance);
      if (needed > available) {
        return Double.POSITIVE_INFINITY;
      }
      double effort = lift + perBow * distance + lostPerSecond * Math.max(0, needed - rest);
      if (outwards) {
        effort += towardsTip == 0 ? TO_THE_TIP * distance : towardsTip;
      }
      return sameWay && distance < NOT_WORTH_A_LIFT
          ? Math.max(effort, hooks[direction.ordinal()])
          : effort;
    }

    /** Most by which the effort grows with the distance, per whole bow. */
    double steepest() {
      return perBow + TO_THE_TIP + lostPerSecond * FULL_RETAKE_SECONDS;
    }
  }

  private double lift(int stroke) {
    BowedNote note = first(drafts.get(stroke));
    boolean afterDot = line.note(drafts.get(stroke - 1).notes().last()).isShort();
    boolean chord = drafts.get(stroke).kind() == StrokeKind.CHORD;
    if (chord || afterDot) {
      return LIFT_EASY;
    }
    if (note.accent() > 0 && note.isLoud()) {
      return LIFT_ACCENTED;
    }
    if (note.accent() > 0) {
      return LIFT_SOFT_ACCENT;
    }
    return note.isLoud() ? LIFT_LOUD : LIFT_SINGING;
  }

  /** Why a retake costs what it costs. */
  String reason(int stroke, double from, double to) {
    double needed = neededSeconds(Math.abs(to - from));
    double rest = restSeconds(stroke);
    String way = String.format(Locale.ROOT, "The bow is taken back from %.2f to %.2f", from, to);
    if (rest >= needed) {
      return way + " in the rest.";
    }
    return way
        + String.format(
            Locale.ROOT,
            ", which needs %.2f s: the note before is left %.2f s early.",
            needed,
            needed - rest);
  }
}
