package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Moment;
import app.fret.lefthand.effort.MoveWeigher;
import app.fret.lefthand.effort.Trail;
import app.fret.lefthand.effort.Turn;
import app.fret.lefthand.hand.Placement;
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
   * so identity is enough for the key. Whether a note begins a beat concerns few terms, so what the
   * others say is weighed once for notes on and between beats. Turn efforts are kept in rows by
   * circumstances and turn.
   */
  private record Key(int fromLayer, int toLayer, int moment) {}

  /**
   * The weighed moves between two layers.
   *
   * @param shape which moves there are
   * @param efforts effort of each move
   */
  record Joint(MoveShapes.Shape shape, double[] efforts) {}

  private static final int[] START = {0};

  private final EffortModel model;
  private final List<List<Placement>> layers;
  private final Joint[] joints;
  private final MoveShapes shapes;
  private final Numbering<Moment> turnMoments = new Numbering<>();
  private final int[] turnMomentOf;
  private double[][][] turnEfforts;

  Joints(List<List<Placement>> layers, List<Moment> moments, EffortModel model) {
    this.model = model;
    this.layers = layers;
    this.joints = new Joint[layers.size()];
    this.turnMomentOf = new int[layers.size()];
    this.shapes = new MoveShapes(model);
    weighMoves(moments);
    weighTurns(moments);
  }

  private void weighMoves(List<Moment> moments) {
    Map<List<Placement>, Integer> layerNumbers = new IdentityHashMap<>();
    layers.forEach(l -> layerNumbers.putIfAbsent(l, layerNumbers.size()));
    Numbering<Moment> moveMoments = new Numbering<>();
    Map<Key, Joint> offBeats = new HashMap<>();
    Map<Key, Joint> onBeats = new HashMap<>();
    Map<Key, MoveShapes.Shape> known = new HashMap<>();
    for (int i = 1; i < layers.size(); i++) {
      List<Placement> from = layers.get(i - 1);
      List<Placement> to = layers.get(i);
      int source = layerNumbers.get(from);
      int target = layerNumbers.get(to);
      Moment moment = moments.get(i).forMoves();
      Moment steady = moments.get(i).forMovesOffBeats();
      MoveShapes.Shape shape =
          known.computeIfAbsent(new Key(source, target, 0), k -> shapes.between(from, to));
      Key offBeat = new Key(source, target, moveMoments.of(steady));
      Joint shared =
          offBeats.computeIfAbsent(
              offBeat, k -> new Joint(shape, weigh(from, to, shape, model.movesOffBeats(steady))));
      Key onBeat = new Key(source, target, moveMoments.of(moment));
      joints[i] = onBeats.computeIfAbsent(onBeat, k -> withBeats(shared, from, to, moment));
    }
  }

  private static double[] weigh(
      List<Placement> from, List<Placement> to, MoveShapes.Shape shape, MoveWeigher weigher) {
    double[] efforts = new double[shape.stateOf().length];
    for (int source = 0; source < from.size(); source++) {
      Placement one = from.get(source);
      int end = shape.movesFrom()[shape.runsFrom()[source + 1]];
      for (int move = shape.movesFrom()[shape.runsFrom()[source]]; move < end; move++) {
        efforts[move] = weigher.effort(one, to.get(shape.target(move)));
      }
    }
    return efforts;
  }

  private Joint withBeats(Joint shared, List<Placement> from, List<Placement> to, Moment moment) {
    double[] efforts = weigh(from, to, shared.shape, model.movesAtBeats(moment));
    for (int move = 0; move < efforts.length; move++) {
      efforts[move] += shared.efforts[move];
    }
    return new Joint(shared.shape, efforts);
  }

  private void weighTurns(List<Moment> moments) {
    for (int i = 0; i < joints.length; i++) {
      turnMomentOf[i] = turnMoments.of(moments.get(i).forTurns());
    }
    turnEfforts = new double[turnMoments.size()][shapes.turns().size()][];
    for (int i = 1; i < joints.length; i++) {
      double[][] rows = turnEfforts[turnMomentOf[i]];
      for (int turn : joints[i].shape.turns()) {
        if (rows[turn] == null) {
          rows[turn] = weighTurn(turnMoments.get(turnMomentOf[i]), shapes.turns().get(turn));
        }
      }
    }
  }

  private double[] weighTurn(Moment moment, Turn turn) {
    List<Trail> trails = shapes.trails();
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
    return layer == 0 ? START : joints[layer].shape.trails();
  }

  /**
   * Effort of each turn out of the layer before into this one, by turn number, then by trail
   * number; the last figure of each row is its least.
   */
  double[][] turnEfforts(int layer) {
    return turnEfforts[turnMomentOf[layer]];
  }
}
