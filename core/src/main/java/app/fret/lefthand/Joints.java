package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Moment;
import app.fret.lefthand.effort.MoveWeigher;
import app.fret.lefthand.effort.Trail;
import app.fret.lefthand.effort.Turn;
import app.fret.lefthand.hand.Placement;
import app.fret.search.Chain;
import app.fret.search.Moves;
import app.fret.search.Numbering;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Weighs the moves and turns of a passage: a joint between each two layers of placements. */
final class Joints {
  /*
   * Why moves are shared by (layer, layer, moment): figures come back in music. In a run of
   * sixteenths a handful of note pairs in two or three circumstances make up most of a page, and a
   * move costs more to weigh than to look up. Layers are shared objects, one per chord of pitches,
   * so identity is enough for the key. A moment is taken as the terms say they see it. Turn efforts are kept in rows by moment and turn.
   */
  private record Pair(int from, int to) {}

  private final EffortModel model;
  private final List<List<Placement>> layers;
  private final List<Moment> moments;
  private final MoveShapes shapes;
  private final Moves[] moves;
  private final double[][] efforts;

  private Joints(List<List<Placement>> layers, List<Moment> moments, EffortModel model) {
    this.model = model;
    this.layers = layers;
    this.moments = moments;
    this.shapes = new MoveShapes(model);
    this.moves = new Moves[layers.size()];
    this.efforts = new double[layers.size()][];
  }

  /** The chain of a passage's placements, everything weighed but the stays. */
  static Chain chain(List<List<Placement>> layers, List<Moment> moments, EffortModel model) {
    Joints joints = new Joints(layers, moments, model);
    joints.weighMoves();
    double[][][] turnEfforts = joints.weighTurns();
    Chain.Link[] links = new Chain.Link[layers.size()];
    for (int i = 1; i < links.length; i++) {
      links[i] = new Chain.Link(joints.moves[i], joints.efforts[i], turnEfforts[i]);
    }
    return new Chain(layers.stream().mapToInt(List::size).toArray(), links);
  }

  private void weighMoves() {
    MoveWeigher weigher = model.moves(layers);
    for (List<Integer> meetings : meetings().values()) {
      List<Placement> from = layers.get(meetings.get(0) - 1);
      List<Placement> to = layers.get(meetings.get(0));
      Moves between = shapes.between(weigher.looks(from), weigher.looks(to));
      Map<Moment, List<Integer>> byMoment = new LinkedHashMap<>();
      for (int layer : meetings) {
        moves[layer] = between;
        Moment seen = moments.get(layer).only(model.moveFacets());
        byMoment.computeIfAbsent(seen, m -> new ArrayList<>()).add(layer);
      }
      double[][] weighed = weigher.weigh(from, to, between, List.copyOf(byMoment.keySet()));
      int number = 0;
      for (List<Integer> alike : byMoment.values()) {
        for (int layer : alike) {
          efforts[layer] = weighed[number];
        }
        number++;
      }
    }
  }

  /** The layers at which each pair of neighbours meets, in the order they come first. */
  private Map<Pair, List<Integer>> meetings() {
    Map<List<Placement>, Integer> numbers = new IdentityHashMap<>();
    layers.forEach(l -> numbers.putIfAbsent(l, numbers.size()));
    Map<Pair, List<Integer>> meetings = new LinkedHashMap<>();
    for (int i = 1; i < layers.size(); i++) {
      Pair pair = new Pair(numbers.get(layers.get(i - 1)), numbers.get(layers.get(i)));
      meetings.computeIfAbsent(pair, p -> new ArrayList<>()).add(i);
    }
    return meetings;
  }

  /** Turn efforts of each layer: by turn number, then by trail number, the least at the end. */
  private double[][][] weighTurns() {
    Numbering<Moment> seen = new Numbering<>();
    List<double[][]> rowsOf = new ArrayList<>();
    double[][][] turnEfforts = new double[layers.size()][][];
    for (int i = 1; i < turnEfforts.length; i++) {
      int moment = seen.of(moments.get(i).only(model.turnFacets()));
      if (moment == rowsOf.size()) {
        rowsOf.add(new double[shapes.turns().size()][]);
      }
      turnEfforts[i] = rowsOf.get(moment);
      for (int turn : moves[i].turns()) {
        if (turnEfforts[i][turn] == null) {
          turnEfforts[i][turn] = weighTurn(seen.get(moment), shapes.turns().get(turn));
        }
      }
    }
    return turnEfforts;
  }

  /** The first trail is that of the start, after which nothing turns. */
  private double[] weighTurn(Moment moment, Turn turn) {
    List<Trail> trails = shapes.trails();
    double[] row = new double[trails.size() + 1];
    double[] weighed = model.turns(moment, trails.subList(1, trails.size()), turn);
    System.arraycopy(weighed, 0, row, 1, weighed.length);
    row[trails.size()] = Arrays.stream(row).min().orElseThrow();
    return row;
  }
}
