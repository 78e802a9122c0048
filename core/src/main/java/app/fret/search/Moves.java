package app.fret.search;

import java.util.Arrays;
import java.util.function.IntUnaryOperator;

/**
 * Which moves lead from one layer of choices to the next, in runs: moves out of one source that are
 * one turn. They are the same whenever the two layers meet, so one value can serve many places.
 *
 * <p>A turn is a kind of move as the move after it sees it; the trail is what is remembered of it.
 * A state of a layer is a choice with the trail it was entered by.
 *
 * @param runsFrom first run of each source, and the number of runs at the end
 * @param movesFrom first move of each run, and the number of moves at the end
 * @param turns number of the turn of each run
 * @param stateOf state each move leads to: its target times the number of trails, plus which of
 *     {@code trails} it leaves behind
 * @param trails numbers of the distinct trails of these moves
 */
public record Moves(int[] runsFrom, int[] movesFrom, int[] turns, int[] stateOf, int[] trails) {
  /** Stands for a target that cannot be reached from a source. */
  public static final int IMPOSSIBLE = -1;

  /** Choice a move leads to. */
  public int target(int move) {
    return stateOf[move] / trails.length;
  }

  /** Number of moves. */
  public int count() {
    return stateOf.length;
  }

  /** First move out of a source. */
  public int firstFrom(int source) {
    return movesFrom[runsFrom[source]];
  }

  /** One past the last move out of a source. */
  public int endFrom(int source) {
    return movesFrom[runsFrom[source + 1]];
  }

  /** Gathers moves source by source. */
  public static final class Builder {
    private final int[] runsFrom;
    private final int[] movesFrom;
    private final int[] runTurns;
    private final int[] targets;
    private final Numbering<Integer> trails = new Numbering<>();
    private int sources;
    private int moves;
    private int runs;

    /** Moves between layers of so many choices. */
    public Builder(int sourceCount, int targetCount) {
      int most = sourceCount * targetCount;
      runsFrom = new int[sourceCount + 1];
      movesFrom = new int[most + 1];
      runTurns = new int[most];
      targets = new int[most];
    }

    /**
     * Adds the moves out of the next source, those of one turn next to each other.
     *
     * @param turnOfTarget number of the turn to each target, or {@link #IMPOSSIBLE}; used up
     */
    public void addSource(int[] turnOfTarget) {
      runsFrom[sources] = runs;
      for (int target = 0; target < turnOfTarget.length; target++) {
        if (turnOfTarget[target] != IMPOSSIBLE) {
          addRun(turnOfTarget, target);
        }
      }
      sources++;
    }

    private void addRun(int[] turnOfTarget, int firstTarget) {
      int turn = turnOfTarget[firstTarget];
      movesFrom[runs] = moves;
      runTurns[runs++] = turn;
      for (int target = firstTarget; target < turnOfTarget.length; target++) {
        if (turnOfTarget[target] == turn) {
          targets[moves++] = target;
          turnOfTarget[target] = IMPOSSIBLE;
        }
      }
    }

    /**
     * All moves added.
     *
     * @param trailOfTurn number of the trail that each turn leaves behind
     */
    public Moves build(IntUnaryOperator trailOfTurn) {
      runsFrom[sources] = runs;
      movesFrom[runs] = moves;
      int[] slots = new int[runs];
      for (int run = 0; run < runs; run++) {
        slots[run] = trails.of(trailOfTurn.applyAsInt(runTurns[run]));
      }
      int[] stateOf = new int[moves];
      for (int run = 0; run < runs; run++) {
        for (int move = movesFrom[run]; move < movesFrom[run + 1]; move++) {
          stateOf[move] = targets[move] * trails.size() + slots[run];
        }
      }
      return new Moves(
          runsFrom,
          Arrays.copyOf(movesFrom, runs + 1),
          Arrays.copyOf(runTurns, runs),
          stateOf,
          trails.values().stream().mapToInt(Integer::intValue).toArray());
    }
  }
}
