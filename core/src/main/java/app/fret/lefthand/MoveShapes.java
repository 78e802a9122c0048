package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.MoveWeigher;
import app.fret.lefthand.effort.Trail;
import app.fret.lefthand.effort.Turn;
import app.fret.lefthand.hand.Placement;
import app.fret.search.Moves;
import app.fret.search.Numbering;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Which moves are possible between layers of placements, with turns and trails numbered, since a
 * passage knows only a few dozen of them.
 */
final class MoveShapes {
  private static final int UNKNOWN = -1;

  private final EffortModel model;
  private final Numbering<Trail> trails = new Numbering<>();
  private final List<Turn> turns = new ArrayList<>();
  private final int[] turnNumbers;

  MoveShapes(EffortModel model) {
    this.model = model;
    this.turnNumbers = new int[model.turnCodes()];
    Arrays.fill(turnNumbers, UNKNOWN);
    trails.of(Trail.NONE);
  }

  /** The moves between two layers. */
  Moves between(List<Placement> from, List<Placement> to) {
    Moves.Builder builder = new Moves.Builder(from.size(), to.size());
    int[] turnOfTarget = new int[to.size()];
    for (Placement source : from) {
      for (int target = 0; target < turnOfTarget.length; target++) {
        boolean possible = MoveWeigher.canGo(source, to.get(target));
        turnOfTarget[target] = possible ? number(source, to.get(target)) : Moves.IMPOSSIBLE;
      }
      builder.addSource(turnOfTarget);
    }
    return builder.build(turn -> trails.of(turns.get(turn).trail()));
  }

  /** All trails so far, by number; the first is that of the start. */
  List<Trail> trails() {
    return trails.values();
  }

  /** All turns so far, by number. */
  List<Turn> turns() {
    return turns;
  }

  private int number(Placement from, Placement to) {
    int code = model.turnCode(from, to);
    if (turnNumbers[code] == UNKNOWN) {
      turnNumbers[code] = turns.size();
      turns.add(model.turnOf(from, to));
    }
    return turnNumbers[code];
  }
}
