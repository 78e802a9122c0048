package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.MoveWeigher;
import app.fret.lefthand.effort.Trail;
import app.fret.lefthand.effort.Turn;
import app.fret.lefthand.hand.Placement;
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

  /**
   * The moves between two layers, in runs: moves out of one source that are one turn. They are the
   * same whenever the two layers meet.
   *
   * @param runsFrom first run of each source, and the number of runs at the end
   * @param movesFrom first move of each run, and the number of moves at the end
   * @param turns number of the turn of each run
   * @param stateOf state each move leads to: its target times the number of trails, plus which of
   *     {@code trails} it leaves behind
   * @param trails numbers of the distinct trails of these moves
   */
  record Shape(int[] runsFrom, int[] movesFrom, int[] turns, int[] stateOf, int[] trails) {
    /** Placement a move leads to. */
    int target(int move) {
      return stateOf[move] / trails.length;
    }
  }

  MoveShapes(EffortModel model) {
    this.model = model;
    this.turnNumbers = new int[model.turnCodes()];
    Arrays.fill(turnNumbers, UNKNOWN);
    trails.of(Trail.NONE);
  }

  /** The shape of the moves between two layers. */
  Shape between(List<Placement> from, List<Placement> to) {
    Builder builder = new Builder(from.size(), to.size());
    for (Placement source : from) {
      builder.addSource(source, to);
    }
    return builder.shape();
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

  /** Gathers the moves of a shape, source by source. */
  private final class Builder {
    private final int[] runsFrom;
    private final int[] movesFrom;
    private final int[] runTurns;
    private final int[] targets;
    private final int[] turnOfTarget;
    private final Numbering<Integer> shapeTrails = new Numbering<>();
    private int sources;
    private int moves;
    private int runs;

    Builder(int sourceCount, int targetCount) {
      int most = sourceCount * targetCount;
      runsFrom = new int[sourceCount + 1];
      movesFrom = new int[most + 1];
      runTurns = new int[most];
      targets = new int[most];
      turnOfTarget = new int[targetCount];
    }

    /** Adds the moves out of one source, those of one turn next to each other. */
    void addSource(Placement source, List<Placement> to) {
      runsFrom[sources] = runs;
      for (int target = 0; target < turnOfTarget.length; target++) {
        boolean possible = MoveWeigher.canGo(source, to.get(target));
        turnOfTarget[target] = possible ? number(source, to.get(target)) : UNKNOWN;
      }
      for (int target = 0; target < turnOfTarget.length; target++) {
        if (turnOfTarget[target] != UNKNOWN) {
          addRun(target);
        }
      }
      sources++;
    }

    private void addRun(int firstTarget) {
      int turn = turnOfTarget[firstTarget];
      movesFrom[runs] = moves;
      runTurns[runs++] = turn;
      for (int target = firstTarget; target < turnOfTarget.length; target++) {
        if (turnOfTarget[target] == turn) {
          targets[moves++] = target;
          turnOfTarget[target] = UNKNOWN;
        }
      }
    }

    Shape shape() {
      runsFrom[sources] = runs;
      movesFrom[runs] = moves;
      int[] slots = new int[runs];
      for (int run = 0; run < runs; run++) {
        slots[run] = shapeTrails.of(trails.of(turns.get(runTurns[run]).trail()));
      }
      int[] stateOf = new int[moves];
      for (int run = 0; run < runs; run++) {
        for (int move = movesFrom[run]; move < movesFrom[run + 1]; move++) {
          stateOf[move] = targets[move] * shapeTrails.size() + slots[run];
        }
      }
      return new Shape(
          runsFrom,
          Arrays.copyOf(movesFrom, runs + 1),
          Arrays.copyOf(runTurns, runs),
          stateOf,
          shapeTrails.values().stream().mapToInt(Integer::intValue).toArray());
    }
  }
}
