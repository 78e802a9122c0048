package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.LayerLooks;
import app.fret.lefthand.effort.MoveWeigher;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
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
  Moves between(LayerLooks from, LayerLooks to) {
    Moves.Builder builder = new Moves.Builder(from.size(), to.size());
    int[] fingerCodes = new int[2 * from.fingerKinds() * to.fingerKinds()];
    Arrays.fill(fingerCodes, UNKNOWN);
    int[] turnOfTarget = new int[to.size()];
    for (int source = 0; source < from.size(); source++) {
      for (int target = 0; target < turnOfTarget.length; target++) {
        boolean possible =
            to.usesHand(target) || MoveWeigher.canGo(from.way(source), to.way(target));
        turnOfTarget[target] =
            possible ? number(from, source, to, target, fingerCodes) : Moves.IMPOSSIBLE;
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

  private int number(LayerLooks from, int source, LayerLooks to, int target, int[] fingerCodes) {
    int fromHand = from.hand(source);
    int toHand = to.hand(target);
    int stays = fromHand == toHand ? 1 : 0;
    int cell = 2 * (from.fingers(source) * to.fingerKinds() + to.fingers(target)) + stays;
    if (fingerCodes[cell] == UNKNOWN) {
      fingerCodes[cell] = model.fingerCode(from.way(source), to.way(target));
    }
    int code = model.turnCode(fromHand, toHand, fingerCodes[cell]);
    if (turnNumbers[code] == UNKNOWN) {
      turnNumbers[code] = turns.size();
      turns.add(model.turnOf(from.way(source), to.way(target)));
    }
    return turnNumbers[code];
  }
}
