package app.fret.bow.search;

import app.fret.bow.effort.BowWeights;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Decided;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.HookedPair;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.stroke.StrokeKind;
import app.fret.score.BowDirection;
import java.util.List;
import java.util.Locale;

/**
 * What it costs to go from one stroke to the next: the bow turns, or goes on in one direction (a
 * hook), or is lifted and set anew (a retake). Common practice without a source; figures found by
 * trying passages.
 */
public final class BowJoints {
  /** A full retake takes so long, in s. */
  static final double FULL_RETAKE_SECONDS = 0.20;

  private static final double LEAST_RETAKE_SECONDS = 0.08;
  private static final double MOST_RELEASE_SECONDS = 0.25;
  private static final double RELEASE_SHARE = 0.35;
  private static final double REST_SECONDS = 0.12;
  private static final double LONGER_REST_SECONDS = 0.3;

  private static final double CALM_SECONDS = 0.28;

  private static final double LIFT_EASY = 0.35;
  private static final double LIFT_ACCENTED = 0.6;
  private static final double LIFT_SOFT_ACCENT = 0.9;
  private static final double LIFT_LOUD = 1;
  private static final double LIFT_SINGING = 1.4;
  private static final double LIFT_AT_ALL = 0.12;
  private static final double PER_BOW = 0.25;
  private static final double PER_BOW_IN_REST = 0.06;
  private static final double LOST_LENGTH = 2;
  private static final double TO_THE_TIP = 0.4;
  private static final double NOT_WORTH_A_LIFT = 0.1;

  /** A retake that was asked for goes at least so far. */
  private static final double NOT_A_LIFT = 0.05;

  private static final double SHORTENED_SHARE = 0.6;
  private static final String APART_DOTTED_PAIR = "apart-dotted-pair";

  private final BowLine line;
  private final BowWeights weights;
  private final BowSchool school;
  private final Decided decided;

  /** The joints of a passage in a school, under what is decided. */
  public BowJoints(BowLine line, BowSchool school, Decided decided) {
    this.line = line;
    this.school = school;
    this.weights = BowWeights.of(school);
    this.decided = decided;
  }

  /** Time a retake over a share of the bow needs, in s. */
  public static double neededSeconds(double distance) {
    return Math.max(LEAST_RETAKE_SECONDS, FULL_RETAKE_SECONDS * distance);
  }

  /** How far the bow can be taken back in some time, as a share of the hair; 0 for not at all. */
  public static double reach(double seconds) {
    return seconds < LEAST_RETAKE_SECONDS ? 0 : Math.min(1, seconds / FULL_RETAKE_SECONDS);
  }

  /** Rest between two strokes, plucked notes between them counted in, in s. */
  double restSeconds(Draft before, Draft now) {
    int to = now.notes().first();
    double rest = line.note(to).silenceSeconds();
    for (int i = before.notes().last() + 1; i < to; i++) {
      rest += line.note(i).silenceSeconds() + line.note(i).seconds();
    }
    return rest;
  }

  /** Time there is for a retake: the rest, and what the note before can give, in s. */
  public double availableSeconds(Draft before, Draft now) {
    double seconds =
        line.note(before.notes().last()).isInside()
            ? line.note(before.notes().last()).seconds()
            : before.seconds();
    boolean leftEarly = decided.has(line.note(before.notes().last()).number(), Act.SHORTEN);
    double given =
        leftEarly
            ? SHORTENED_SHARE * line.note(before.notes().last()).seconds()
            : Math.min(RELEASE_SHARE * seconds, MOST_RELEASE_SECONDS);
    return restSeconds(before, now) + given;
  }

  /** What it costs to go from one stroke to the next. */
  public Joint between(Draft before, Draft now) {
    return new Joint(before, now);
  }

  private BowedNote first(Draft draft) {
    return line.note(draft.notes().first());
  }

  private BowedNote last(Draft draft) {
    return line.note(draft.notes().last());
  }

  /** Whether two single notes are hooked by custom. */
  private boolean isHookedPair(Draft before, Draft now, double rest) {
    return rest < REST_SECONDS && HookedPair.is(line, before.notes(), now.notes());
  }

  /** One joint, with what its ways share worked out once. */
  public final class Joint {
    private final double available;
    private final double rest;
    private final double lift;
    private final double perBow;
    private final double towardsTip;
    private final double lostPerSecond;
    private final double turn;
    private final double[] hooks = new double[2];
    private final double againstLift;
    private final double againstLiftBack;
    private final boolean mustLift;

    private Joint(Draft before, Draft now) {
      Draft.Joining asked = now.before();
      double against = weights.price("against-decision");
      boolean pair = isHookedPair(before, now, restSeconds(before, now));
      available = availableSeconds(before, now);
      rest = restSeconds(before, now);
      boolean inRest = rest >= LEAST_RETAKE_SECONDS;
      lift = lift(before, now) * Math.max(0, 1 - rest / REST_SECONDS) + LIFT_AT_ALL;
      perBow = inRest ? PER_BOW_IN_REST : PER_BOW;
      towardsTip = inRest ? 0 : TO_THE_TIP;
      lostPerSecond = LOST_LENGTH / before.seconds();
      boolean mayTurn = asked == Draft.Joining.FREE || asked == Draft.Joining.TURN;
      turn = (mayTurn ? 0 : against) + (pair ? weights.price(APART_DOTTED_PAIR) : 0);
      for (BowDirection direction : BowDirection.values()) {
        hooks[direction.ordinal()] = hookPrice(before, now, direction, pair, against);
      }
      mustLift = asked == Draft.Joining.RETAKE;
      againstLift =
          asked == Draft.Joining.FREE || asked == Draft.Joining.SAME_WAY || mustLift ? 0 : against;
      againstLiftBack = againstLift + (asked == Draft.Joining.SAME_WAY ? against : 0);
    }

    private double hookPrice(
        Draft before, Draft now, BowDirection direction, boolean pair, double against) {
      Draft.Joining asked = now.before();
      if (asked == Draft.Joining.HOOK || asked == Draft.Joining.SAME_WAY) {
        return 0;
      }
      double price = freeHook(before, now, direction, pair);
      return asked == Draft.Joining.FREE ? price : price + against;
    }

    private double freeHook(Draft before, Draft now, BowDirection direction, boolean pair) {
      if (rest >= LONGER_REST_SECONDS) {
        return weights.price("hook-after-longer-rest");
      }
      if (rest >= REST_SECONDS) {
        return weights.price("hook-after-rest");
      }
      if (pair) {
        return weights.price("hook-dotted-pair");
      }
      if (school != BowSchool.FREE) {
        return weights.price("hook");
      }
      boolean calm = Math.min(before.seconds(), now.seconds()) >= CALM_SECONDS;
      boolean weaker = first(now).stress() < first(before).stress();
      double price = weights.price(calm && weaker ? "hook-calm" : "hook");
      return price + (direction == BowDirection.DOWN ? weights.price("hook-two-downs") : 0);
    }

    /** All that its efforts follow from: joints alike in it cost the same everywhere. */
    List<Object> look() {
      return List.of(
          available,
          rest,
          lift,
          perBow,
          towardsTip,
          lostPerSecond,
          turn,
          hooks[0],
          hooks[1],
          againstLift,
          againstLiftBack,
          mustLift);
    }

    /** Effort of turning where the bow is. */
    double turn() {
      return turn;
    }

    /** Effort of going on in the same direction from where the bow is. */
    double hook(BowDirection direction) {
      return hooks[direction.ordinal()];
    }

    /**
     * Effort of lifting the bow and setting it elsewhere; infinite when there is no time.
     *
     * @param distance how far, as a share of the hair
     * @param outwards whether it is set nearer the tip
     * @param sameWay whether the next stroke goes the way of the one before
     * @param direction of the next stroke
     */
    public double lifted(
        double distance, boolean outwards, boolean sameWay, BowDirection direction) {
      double needed = neededSeconds(distance);
      if (needed > available) {
        return Double.POSITIVE_INFINITY;
      }
      double effort = lift + perBow * distance + lostPerSecond * Math.max(0, needed - rest);
      if (outwards) {
        effort += towardsTip == 0 ? TO_THE_TIP * distance : towardsTip;
      }
      if (mustLift) {
        return distance < NOT_A_LIFT ? Double.POSITIVE_INFINITY : effort;
      }
      effort += sameWay ? againstLift : againstLiftBack;
      return sameWay && distance < NOT_WORTH_A_LIFT
          ? Math.max(effort, hooks[direction.ordinal()])
          : effort;
    }
  }

  private double lift(Draft before, Draft now) {
    BowedNote note = first(now);
    if (now.kind() == StrokeKind.CHORD || last(before).isShort()) {
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
  public String reason(Draft before, Draft now, double from, double to) {
    double needed = neededSeconds(Math.abs(to - from));
    double rest = restSeconds(before, now);
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
