package app.fret.lefthand.effort;

import app.fret.lefthand.hand.Placement;
import app.fret.search.Numbering;
import java.util.Arrays;
import java.util.List;

/**
 * Weighs moves at several moments at once.
 *
 * <p>Each group of terms is asked once for all moments that are alike in what it looks at: whether
 * a note begins a beat concerns few of them. A hand that waits during open strings must wait where
 * it stood: it may travel only before its next stopped note, so entering such a placement from
 * elsewhere is impossible (infinite), which keeps each travel counted once.
 */
public final class MoveWeigher {
  private final Asked[][] askedOfKind = new Asked[MoveGroup.KINDS][];

  /**
   * A group that can speak at a kind of move.
   *
   * @param speaking its terms at each of the moments as the group sees them
   * @param seenAs which of these each moment is
   * @param heard what the group said last of each of these; written over at each move
   */
  private record Asked(MoveGroup.Speaking[] speaking, int[] seenAs, double[] heard) {
    static Asked of(MoveGroup group, List<Moment> moments, int kind) {
      Numbering<Moment> seen = new Numbering<>();
      int[] seenAs = moments.stream().mapToInt(m -> seen.of(m.only(group.facets()))).toArray();
      MoveGroup.Speaking[] speaking =
          seen.values().stream()
              .map(m -> group.speaking(m, kind))
              .toArray(MoveGroup.Speaking[]::new);
      return new Asked(speaking, seenAs, new double[speaking.length]);
    }

    boolean isSilent() {
      return Arrays.stream(speaking).allMatch(s -> s.terms().length == 0);
    }

    void add(Placement from, Placement to, double[] sums) {
      for (int i = 0; i < heard.length; i++) {
        heard[i] = speaking[i].effort(from, to);
      }
      for (int moment = 0; moment < seenAs.length; moment++) {
        sums[moment] += heard[seenAs[moment]];
      }
    }
  }

  /** Sorts the terms by the kinds of move they can speak at. */
  MoveWeigher(List<Moment> moments, List<MoveGroup> groups) {
    for (int kind = 0; kind < MoveGroup.KINDS; kind++) {
      int one = kind;
      askedOfKind[kind] =
          groups.stream()
              .map(g -> Asked.of(g, moments, one))
              .filter(a -> !a.isSilent())
              .toArray(Asked[]::new);
    }
  }

  /** Whether the hand can go so: while it waits over open strings it stands where it stood. */
  public static boolean canGo(Placement from, Placement to) {
    return to.usesHand() || waitsWhereItStood(from, to);
  }

  /**
   * Efforts of a way the hand can go, finite. Not for use by several threads.
   *
   * @param sums filled with the effort at each moment
   */
  public void weigh(Placement from, Placement to, double[] sums) {
    Arrays.fill(sums, 0);
    if (from.isLeftOut() || to.isLeftOut()) {
      return;
    }
    for (Asked group : askedOfKind[kind(from, to)]) {
      group.add(from, to, sums);
    }
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
