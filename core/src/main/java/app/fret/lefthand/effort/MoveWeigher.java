package app.fret.lefthand.effort;

import app.fret.lefthand.hand.Placement;
import java.util.ArrayList;
import java.util.List;

/**
 * Weighs moves at one moment.
 *
 * <p>A hand that waits during open strings must wait where it stood: it may travel only before its
 * next stopped note, so entering such a placement from elsewhere is impossible (infinite), which
 * keeps each travel counted once.
 */
public final class MoveWeigher {
  private static final int KINDS = 4;

  private final Moment moment;
  private final MoveTerm[][] terms = new MoveTerm[KINDS][];
  private final double[][] weights = new double[KINDS][];

  /** Sorts the terms by the kinds of move they can speak at. */
  MoveWeigher(Moment moment, List<MoveTerm> all, double[] allWeights) {
    this.moment = moment;
    for (int kind = 0; kind < KINDS; kind++) {
      List<MoveTerm> speaking = new ArrayList<>();
      List<Double> speakingWeights = new ArrayList<>();
      for (int i = 0; i < allWeights.length; i++) {
        if (all.get(i).canSpeak(moment, kind >= 2, kind % 2 == 1)) {
          speaking.add(all.get(i));
          speakingWeights.add(allWeights[i]);
        }
      }
      terms[kind] = speaking.toArray(MoveTerm[]::new);
      weights[kind] = speakingWeights.stream().mapToDouble(w -> w).toArray();
    }
  }

  /** Whether the hand can go so: while it waits over open strings it stands where it stood. */
  public static boolean canGo(Placement from, Placement to) {
    return to.usesHand() || waitsWhereItStood(from, to);
  }

  /** Effort of a way the hand can go; finite. */
  public double effort(Placement from, Placement to) {
    if (from.isLeftOut() || to.isLeftOut()) {
      return 0;
    }
    int kind = kind(from, to);
    MoveTerm[] speaking = terms[kind];
    double[] weight = weights[kind];
    double sum = 0;
    for (int i = 0; i < speaking.length; i++) {
      sum += weight[i] * speaking[i].effort(moment, from, to);
    }
    return sum;
  }

  private static boolean waitsWhereItStood(Placement from, Placement to) {
    return from.hand() == to.hand() && from.frame().region() == to.frame().region();
  }

  private static int kind(Placement from, Placement to) {
    boolean stringChanges =
        from.top().string() != to.top().string() || !from.isSingle() || !to.isSingle();
    return (from.hand() != to.hand() ? 2 : 0) + (stringChanges ? 1 : 0);
  }
}
