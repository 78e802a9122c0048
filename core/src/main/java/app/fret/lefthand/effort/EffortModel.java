package app.fret.lefthand.effort;

import app.fret.instrument.Player;
import app.fret.lefthand.hand.Placement;
import java.util.ArrayList;
import java.util.List;

/**
 * The sum of all weighted effort terms for one player and profile.
 *
 * <p>Problem: one number for being in a placement and one for moving between two. Cost: one call of
 * each term. A hand that waits during open strings must wait where it stood: it may travel only
 * before its next stopped note, so entering such a placement from another base is impossible
 * (infinite), which keeps each travel counted once.
 */
public final class EffortModel {
  private final List<PlaceTerm> placeTerms = new ArrayList<>();
  private final List<MoveTerm> moveTerms = new ArrayList<>();
  private final double[] placeWeights;
  private final double[] moveWeights;
  private final PlaceTerm[] placeTable;
  private final MoveTerm[] moveTable;

  /**
   * One term's share in the effort of a note.
   *
   * @param term name of the term
   * @param effort weighted effort, negative for a gain
   * @param text the reason in plain words
   */
  public record Reason(String term, double effort, String text) {}

  /** The model of a player under a profile. */
  public EffortModel(Player player, Profile profile) {
    for (EffortTerm term : EffortTerms.of(player)) {
      if (term instanceof PlaceTerm place) {
        placeTerms.add(place);
      } else if (term instanceof MoveTerm move) {
        moveTerms.add(move);
      }
    }
    placeWeights = placeTerms.stream().mapToDouble(profile::weight).toArray();
    moveWeights = moveTerms.stream().mapToDouble(profile::weight).toArray();
    placeTable = placeTerms.toArray(PlaceTerm[]::new);
    moveTable = moveTerms.toArray(MoveTerm[]::new);
  }

  /** Effort of taking a note so; finite. */
  public double stay(Moment moment, Placement at) {
    if (at.isLeftOut()) {
      return 0;
    }
    double sum = 0;
    for (int i = 0; i < placeTable.length; i++) {
      sum += placeWeights[i] * placeTable[i].effort(moment, at);
    }
    return sum;
  }

  /** Effort of the way between two placements; infinite when the hand cannot go it. */
  public double move(Moment moment, Placement from, Placement to) {
    if (!to.usesHand() && !(from.base() == to.base() && from.frame() == to.frame())) {
      return Double.POSITIVE_INFINITY;
    }
    if (from.isLeftOut() || to.isLeftOut()) {
      return 0;
    }
    double sum = 0;
    for (int i = 0; i < moveTable.length; i++) {
      sum += moveWeights[i] * moveTable[i].effort(moment, from, to);
    }
    return sum;
  }

  /** Why being there costs what it costs, only terms that speak. */
  public List<Reason> stayReasons(Moment moment, Placement at) {
    List<Reason> reasons = new ArrayList<>();
    for (int i = 0; i < placeTable.length && !at.isLeftOut(); i++) {
      double effort = placeWeights[i] * placeTable[i].effort(moment, at);
      if (effort != 0) {
        reasons.add(new Reason(placeTable[i].name(), effort, placeTable[i].reason(moment, at)));
      }
    }
    return reasons;
  }

  /** Why getting there costs what it costs, only terms that speak. */
  public List<Reason> moveReasons(Moment moment, Placement from, Placement to) {
    List<Reason> reasons = new ArrayList<>();
    boolean plannable = !from.isLeftOut() && !to.isLeftOut();
    for (int i = 0; i < moveTable.length && plannable; i++) {
      double effort = moveWeights[i] * moveTable[i].effort(moment, from, to);
      if (effort != 0) {
        reasons.add(new Reason(moveTable[i].name(), effort, moveTable[i].reason(moment, from, to)));
      }
    }
    return reasons;
  }
}
