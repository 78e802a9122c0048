package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.MoveWeigher;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;
import app.fret.search.Chain;
import app.fret.search.Moves;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
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

  private static final int[] START = {0};

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
    List<Trail> trails = List.copyOf(shapes.trails());
    Map<Moment, TurnRows> known = new HashMap<>();
    double[][][] turnEfforts = new double[layers.size()][][];
    for (int i = 1; i < turnEfforts.length; i++) {
      TurnRows rows =
          known.computeIfAbsent(
              moments.get(i).only(model.turnFacets()),
              seen -> new TurnRows(trails, shapes.turns(), model.turnsAt(seen)));
      rows.include(moves[i].turns(), i == 1 ? START : moves[i - 1].trails());
      turnEfforts[i] = rows.rows;
    }
    return turnEfforts;
  }

  /**
   * What turns cost at one moment, worked out for those that come, after the trails they come
   * after: a page knows thousands of turns and hundreds of trails, but few pairs of them.
   */
  private static final class TurnRows {
    private final List<Trail> trails;
    private final List<Turn> turns;
    private final EffortModel.TurnsAt at;
    private final double[][] rows;
    private final EffortModel.TurnsAt.After[] known;

    /** The trails after which each turn was worked out last. */
    private final int[][] includedAfter;

    /** Around a chord that is left out nothing turns. */
    private final double[] nothing;

    TurnRows(List<Trail> trails, List<Turn> turns, EffortModel.TurnsAt at) {
      this.trails = trails;
      this.turns = turns;
      this.at = at;
      this.rows = new double[turns.size()][];
      this.known = new EffortModel.TurnsAt.After[turns.size()];
      this.includedAfter = new int[turns.size()][];
      this.nothing = new double[trails.size() + 1];
    }

    /** Works out what is not known yet; after the first trail, that of the start, nothing turns. */
    void include(int[] wanted, int[] after) {
      for (int turn : wanted) {
        if (rows[turn] == null) {
          begin(turn);
        }
        if (rows[turn] != nothing && includedAfter[turn] != after) {
          include(turn, after);
          includedAfter[turn] = after;
        }
      }
    }

    private void begin(int turn) {
      if (turns.get(turn).touchesLeftOut()) {
        rows[turn] = nothing;
      } else {
        rows[turn] = new double[trails.size() + 1];
        Arrays.fill(rows[turn], 1, trails.size(), Double.NaN);
        known[turn] = at.of(turns.get(turn));
      }
    }

    private void include(int turn, int[] after) {
      double[] row = rows[turn];
      double least = row[row.length - 1];
      for (int trail : after) {
        double effort = row[trail];
        if (Double.isNaN(effort)) {
          effort = known[turn].effort(trails.get(trail));
          row[trail] = effort;
          least = effort < least ? effort : least;
        }
      }
      row[row.length - 1] = least;
    }
  }
}
