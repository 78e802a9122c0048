package app.fret.study;

import app.fret.bow.BowPlan;
import app.fret.bow.BowPlanner;
import app.fret.bow.stroke.DecidedGroups;
import app.fret.brief.Brief;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.PreparedPassage;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.StrokeGroups;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Both hands as they agree: the left hand on the strokes that are really bowed, the bow on the
 * strings that are really taken.
 *
 * @param brief the passage with the strokes both were planned on
 * @param prepared the left hand's passage
 * @param leftHand fingers and strings
 * @param bow strokes
 * @param rounds total effort after each round that was kept, the first first
 */
record BothHands(
    Brief brief,
    PreparedPassage prepared,
    LeftHandPlan leftHand,
    BowPlan bow,
    List<Double> rounds) {
  /** Settled or not, after so many rounds the best is kept. */
  static final int MOST_ROUNDS = 3;

  BothHands {
    rounds = List.copyOf(rounds);
  }

  /** Left hand and bow together, in the bow's unit. */
  double effort() {
    return total(leftHand, bow);
  }

  private static double total(LeftHandPlan leftHand, BowPlan bow) {
    return BowPlanner.leftHandWeight() * leftHand.effort() + bow.effort();
  }

  static PreparedPassage prepare(Brief brief, Choices choices) {
    return new LeftHandPlanner(brief.player(), choices.profile()).prepare(brief);
  }

  /** The same where the player's pins decide nearly every finger. */
  static PreparedPassage prepareDecided(Brief brief, Choices choices) {
    return new LeftHandPlanner(brief.player(), choices.profile())
        .prepareDecided(brief, PinAt.in(brief.reading().places(), choices.pins()));
  }

  static LeftHandPlan leftHand(Brief brief, Choices choices, PreparedPassage prepared)
      throws PinConflictException {
    return prepared.plan(PinAt.in(brief.reading().places(), choices.pins()));
  }

  /**
   * Bows a left hand, and lets both settle: where the bow takes other strokes than the left hand
   * was planned on, the left hand is planned once more on them, and what costs less together is
   * kept.
   */
  static BothHands of(
      Brief brief,
      Choices choices,
      PreparedPassage prepared,
      LeftHandPlan leftHand,
      Optional<BowPlan> earlier)
      throws PinConflictException {
    BowPlan bow = bow(brief, choices, leftHand, earlier);
    BothHands best = new BothHands(brief, prepared, leftHand, bow, List.of(total(leftHand, bow)));
    for (int round = 1; round < MOST_ROUNDS && !best.isSettled(); round++) {
      Brief onStrokes = best.brief.bowed(best.groups());
      PreparedPassage again = prepared.on(onStrokes);
      LeftHandPlan planned = leftHand(onStrokes, choices, again);
      BowPlan bowed = bow(onStrokes, choices, planned, Optional.of(best.bow));
      if (total(planned, bowed) >= best.effort()) {
        return best;
      }
      List<Double> rounds = new ArrayList<>(best.rounds);
      rounds.add(total(planned, bowed));
      best = new BothHands(onStrokes, again, planned, bowed, rounds);
    }
    return best;
  }

  /** Whether the left hand was planned on the strokes that are bowed. */
  boolean isSettled() {
    return groups().equals(brief.strokes());
  }

  /** The strokes that are bowed; those inside one note count as one. */
  private StrokeGroups groups() {
    return bow.groups();
  }

  /** The bow over a left hand, on the strokes of the part and of the player's decisions. */
  static BowPlan bow(
      Brief brief, Choices choices, LeftHandPlan leftHand, Optional<BowPlan> earlier) {
    Brief decided = brief.bowed(DecidedGroups.of(brief.reading(), choices.bow()));
    List<List<Integer>> strings = strings(brief, leftHand);
    return earlier.isPresent()
        ? new BowPlanner().plan(decided, choices.bow(), strings, earlier.get())
        : new BowPlanner().plan(decided, choices.bow(), strings);
  }

  /** Strings of each note, lowest-pitched first; of a chord no hand can hold, the top ones. */
  static List<List<Integer>> strings(Brief brief, LeftHandPlan plan) {
    List<List<Integer>> strings = new ArrayList<>();
    for (LeftHandPlan.NotePlan note : plan.notes()) {
      List<Integer> taken = note.placement().stops().stream().map(Stop::string).toList();
      int heads = Math.min(note.note().notes().size(), brief.player().instrument().stringCount());
      strings.add(
          taken.isEmpty()
              ? IntStream.rangeClosed(1, heads).mapToObj(s -> heads + 1 - s).toList()
              : taken);
    }
    return strings;
  }
}
