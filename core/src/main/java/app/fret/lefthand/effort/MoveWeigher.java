package app.fret.lefthand.effort;

import app.fret.lefthand.hand.Placement;
import java.util.List;

/**
 * Weighs moves at one moment.
 *
 * <p>A hand that waits during open strings must wait where it stood: it may travel only before its
 * next stopped note, so entering such a placement from elsewhere is impossible (infinite), which
 * keeps each travel counted once.
 */
public final class MoveWeigher {
  private final MoveGroup.Speaking[][] speaking = new MoveGroup.Speaking[MoveGroup.KINDS][];

  /** Sorts the terms by the kinds of move they can speak at. */
  MoveWeigher(Moment moment, List<MoveGroup> groups) {
    for (int kind = 0; kind < MoveGroup.KINDS; kind++) {
      int one = kind;
      speaking[kind] =
          groups.stream()
              .map(g -> g.speaking(moment.only(g.facets()), one))
              .toArray(MoveGroup.Speaking[]::new);
    }
  }

  /** Whether the hand can go so: while it waits over open strings it stands where it stood. */
  public static boolean canGo(Placement from, Placement to) {
    return to.usesHand() || waitsWhereItStood(from, to);
  }

  /**
   * Effort of a way the hand can go; finite. It is summed group by group, so that it is the same to
   * the last bit as the sum of what the groups weigh apart.
   */
  public double effort(Placement from, Placement to) {
    if (from.isLeftOut() || to.isLeftOut()) {
      return 0;
    }
    double sum = 0;
    for (MoveGroup.Speaking group : speaking[kind(from, to)]) {
      double ofGroup = 0;
      for (int i = 0; i < group.weights().length; i++) {
        ofGroup += group.weights()[i] * group.terms()[i].effort(group.shown(), from, to);
      }
      sum += ofGroup;
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
