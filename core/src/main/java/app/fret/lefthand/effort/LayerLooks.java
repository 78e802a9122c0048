package app.fret.lefthand.effort;

import app.fret.instrument.HandFrame;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.search.Numbering;
import java.util.List;

/** The placements of a layer with numbers for those that are alike. */
public final class LayerLooks {
  private final Placement[] ways;
  private final int[] hands;
  private final boolean[] usesHand;
  private final int[] fingers;
  private final int[] stances;
  private final int fingerKinds;

  /** A placement as terms see it that look at the fingers. */
  private record Fingers(List<Stop> stops, boolean usesHand, HandFrame.Region region) {}

  /** A placement as terms see it that look at the hand. */
  record Stance(int hand, HandFrame frame, boolean usesHand, boolean onlyTouches) {
    static Stance of(Placement at) {
      return new Stance(at.hand(), at.frame(), at.usesHand(), at.onlyTouches());
    }
  }

  /**
   * Numbers a layer.
   *
   * @param layer the placements
   * @param known stances of all layers so far; new ones are added
   */
  LayerLooks(List<Placement> layer, Numbering<Stance> known) {
    ways = layer.toArray(Placement[]::new);
    hands = layer.stream().mapToInt(Placement::hand).toArray();
    usesHand = new boolean[ways.length];
    fingers = new int[ways.length];
    stances = new int[ways.length];
    Numbering<Fingers> seen = new Numbering<>();
    for (int i = 0; i < ways.length; i++) {
      Placement at = ways[i];
      usesHand[i] = at.usesHand();
      fingers[i] = seen.of(new Fingers(at.stops(), at.usesHand(), at.frame().region()));
      stances[i] = known.of(Stance.of(at));
    }
    fingerKinds = seen.size();
  }

  /** How many placements there are. */
  public int size() {
    return ways.length;
  }

  /** A placement. */
  public Placement way(int index) {
    return ways[index];
  }

  /** Where the hand stands in a placement. */
  public int hand(int index) {
    return hands[index];
  }

  /** Whether any finger stops or touches a string. */
  public boolean usesHand(int index) {
    return usesHand[index];
  }

  /** A number, equal for placements alike to {@link MoveLook#FINGERS}. */
  public int fingers(int index) {
    return fingers[index];
  }

  /** How many different numbers {@link #fingers} gives. */
  public int fingerKinds() {
    return fingerKinds;
  }

  /** A number, equal for placements of all layers alike to {@link MoveLook#HANDS}. */
  int stance(int index) {
    return stances[index];
  }
}
