package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Moment;
import app.fret.lefthand.effort.MoveWeigher;
import app.fret.lefthand.effort.Trail;
import app.fret.lefthand.effort.Turn;
import app.fret.lefthand.hand.Placement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * The weighed moves of a passage: one joint between each two layers of placements.
 *
 * <p>Immutable once made, so plans with other pins can share it.
 */
final class Joints {
  /*
   * Why moves are shared by (layer, layer, circumstances): figures come back in music. In a run of
   * sixteenths a handful of note pairs in two or three circumstances make up most of a page, and a
   * move costs more to weigh than to look up. Layers are shared objects, one per chord of pitches,
   * so identity is enough for the key. Turns and trails are numbered, since a violin passage knows
   * only a few dozen of them, and their efforts are kept in rows by circumstances and turn. Moves
   * out of one placement lie in runs of one turn, so that what the turn costs is looked up once a
   * run.
   */
  private record Key(int fromLayer, int toLayer, int moment) {}

  /**
   * The possible moves between two layers, in runs: moves out of one source that are one turn.
   *
   * @param runsFrom first run of each source, and the number of runs at the end
   * @param movesFrom first move of each source, and the number of moves at the end
   * @param turns number of the turn of each run
   * @param runOf run of each move
   * @param stateOf state each move leads to: its target times the number of trails, plus which of
   *     {@code trails} it leaves behind
   * @param efforts effort of each move
   * @param trails numbers of the distinct trails of these moves
   */
  record Joint(
      int[] runsFrom,
      int[] movesFrom,
      int[] turns,
      int[] runOf,
      int[] stateOf,
      double[] efforts,
      int[] trails) {}

  private static final int[] START = {0};
  private static final int UNKNOWN = -1;

  private final EffortModel model;
  private final List<List<Placement>> layers;
  private final Joint[] joints;
  private final Numbering<Moment> moveMoments = new Numbering<>();
  private final Numbering<Moment> turnMoments = new Numbering<>();
  private final int[] turnMomentOf;
  private final Numbering<Trail> trails = new Numbering<>();
  private final List<Turn> turns = new ArrayList<>();
  private final int[] turnNumbers;
  private double[][][] turnEfforts;

  Joints(List<List<Placement>> layers, List<Moment> moments, EffortModel model) {
    this.model = model;
    this.layers = layers;
    this.joints = new Joint[layers.size()];
    this.turnMomentOf = new int[layers.size()];
    this.turnNumbers = new int[model.turnCodes()];
    Arrays.fill(turnNumbers, UNKNOWN);
    trails.of(Trail.NONE);
    weighMoves(moments);
    weighTurns(moments);
  }

  /** Numbers for equal values, from 0. */
  private static final class Numbering<T> {
    private final Map<T, Integer> numbers = new HashMap<>();
    private final List<T> values = new ArrayList<>();

    int of(T value) {
      Integer known = numbers.putIfAbsent(value, values.size());
      if (known == null) {
        values.add(value);
        return values.size() - 1;
      }
      return known;
    }

    T get(int number) {
      return values.get(number);
    }

    int size() {
      return values.size();
    }
  }

  private void weighMoves(List<Moment> moments) {
    Map<List<Placement>, Integer> identities = new IdentityHashMap<>();
    Map<Key, Joint> weighed = new HashMap<>();
    for (int i = 1; i < layers.size(); i++) {
      List<Placement> from = layers.get(i - 1);
      List<Placement> to = layers.get(i);
      int moment = moveMoments.of(moments.get(i).forMoves());
      Key key = new Key(identity(identities, from), identity(identities, to), moment);
      Joint known = weighed.get(key);
      joints[i] = known == null ? weigh(from, to, moveMoments.get(moment)) : known;
      weighed.put(key, joints[i]);
    }
  }

  private static int identity(Map<List<Placement>, Integer> identities, List<Placement> layer) {
    Integer known = identities.putIfAbsent(layer, identities.size());
    return known == null ? identities.size() - 1 : known;
  }

  private Joint weigh(List<Placement> from, List<Placement> to, Moment moment) {
    JointBuilder builder = new JointBuilder(from.size(), to.size());
    MoveWeigher weigher = model.movesAt(moment);
    for (Placement source : from) {
      builder.open();
      for (int target = 0; target < to.size(); target++) {
        double effort = weigher.move(source, to.get(target));
        if (effort < Double.POSITIVE_INFINITY) {
          builder.add(target, number(source, to.get(target)), effort);
        }
      }
    }
    return builder.joint();
  }

  /** Gathers the moves of a joint, source by source, and numbers their runs. */
  private final class JointBuilder {
    private final int[] runsFrom;
    private final int[] movesFrom;
    private final int[] runOf;
    private final int[] targets;
    private final double[] efforts;
    private final int[] runTurns;
    private final Numbering<Integer> jointTrails = new Numbering<>();
    private int sources;
    private int moves;
    private int runs;

    JointBuilder(int sourceCount, int targetCount) {
      int most = sourceCount * targetCount;
      runsFrom = new int[sourceCount + 1];
      movesFrom = new int[sourceCount + 1];
      runOf = new int[most];
      targets = new int[most];
      efforts = new double[most];
      runTurns = new int[most];
    }

    void open() {
      movesFrom[sources] = moves;
      runsFrom[sources++] = runs;
    }

    void add(int target, int turn, double effort) {
      targets[moves] = target;
      runOf[moves] = run(turn);
      efforts[moves++] = effort;
    }

    /** The run of a turn out of the source that is open. */
    private int run(int turn) {
      for (int run = runsFrom[sources - 1]; run < runs; run++) {
        if (runTurns[run] == turn) {
          return run;
        }
      }
      runTurns[runs] = turn;
      return runs++;
    }

    Joint joint() {
      runsFrom[sources] = runs;
      movesFrom[sources] = moves;
      int[] slots = new int[runs];
      for (int run = 0; run < runs; run++) {
        slots[run] = jointTrails.of(trails.of(turns.get(runTurns[run]).trail()));
      }
      int[] stateOf = new int[moves];
      for (int move = 0; move < moves; move++) {
        stateOf[move] = targets[move] * jointTrails.size() + slots[runOf[move]];
      }
      return new Joint(
          runsFrom,
          movesFrom,
          Arrays.copyOf(runTurns, runs),
          Arrays.copyOf(runOf, moves),
          stateOf,
          Arrays.copyOf(efforts, moves),
          jointTrails.values.stream().mapToInt(Integer::intValue).toArray());
    }
  }

  private int number(Placement from, Placement to) {
    int code = model.turnCode(from, to);
    if (turnNumbers[code] == UNKNOWN) {
      turnNumbers[code] = turns.size();
      turns.add(model.turnOf(from, to));
    }
    return turnNumbers[code];
  }

  private void weighTurns(List<Moment> moments) {
    for (int i = 0; i < joints.length; i++) {
      turnMomentOf[i] = turnMoments.of(moments.get(i).forTurns());
    }
    turnEfforts = new double[turnMoments.size()][turns.size()][];
    for (int i = 1; i < joints.length; i++) {
      double[][] rows = turnEfforts[turnMomentOf[i]];
      for (int turn : joints[i].turns) {
        if (rows[turn] == null) {
          rows[turn] = weighTurn(turnMoments.get(turnMomentOf[i]), turns.get(turn));
        }
      }
    }
  }

  private double[] weighTurn(Moment moment, Turn turn) {
    double[] row = new double[trails.size() + 1];
    for (int trail = 1; trail < trails.size(); trail++) {
      row[trail] = model.turn(moment, trails.get(trail), turn);
    }
    row[trails.size()] = Arrays.stream(row).min().orElseThrow();
    return row;
  }

  /** The moves into a layer, which is not the first. */
  Joint into(int layer) {
    return joints[layer];
  }

  /** Numbers of the trails by which a layer is entered. */
  int[] trailsInto(int layer) {
    return layer == 0 ? START : joints[layer].trails;
  }

  /**
   * Effort of each turn out of the layer before into this one, by turn number, then by trail
   * number; the last figure of each row is its least.
   */
  double[][] turnEfforts(int layer) {
    return turnEfforts[turnMomentOf[layer]];
  }
}
