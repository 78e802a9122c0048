package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.LayerLooks;
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
import java.util.Set;

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
  private final MoveShapes shapes;
  private final MoveWeigher weigher;
  private final Map<Pair, List<Integer>> meetings;
  private final Moves[] moves;
  private final List<Trail> trails;
  private final Map<Pair, Map<Moment, double[]>> weighed = new HashMap<>();
  private final Map<Moment, TurnRows> turnsKnown = new HashMap<>();

  /** Which moves there are between the placements of a passage, whatever is known of its notes. */
  Joints(List<List<Placement>> layers, EffortModel model) {
    this.model = model;
    this.layers = layers;
    this.shapes = new MoveShapes(model);
    this.weigher = model.moves(layers);
    this.meetings = meetings();
    this.moves = new Moves[layers.size()];
    for (List<Integer> alike : meetings.values()) {
      Moves between = shapes.between(looks(alike.get(0) - 1), looks(alike.get(0)));
      alike.forEach(layer -> moves[layer] = between);
    }
    this.trails = List.copyOf(shapes.trails());
  }

  private LayerLooks looks(int layer) {
    return weigher.looks(layers.get(layer));
  }

  /**
   * The chain of the passage's placements, everything weighed but the stays. What was weighed for
   * an earlier chain is not weighed again, so that assumptions about a few notes cost little.
   */
  Chain chain(List<Moment> moments) {
    double[][] efforts = weighMoves(moments);
    double[][][] turnEfforts = weighTurns(moments);
    Chain.Link[] links = new Chain.Link[layers.size()];
    for (int i = 1; i < links.length; i++) {
      links[i] = new Chain.Link(moves[i], efforts[i], turnEfforts[i]);
    }
    return new Chain(layers.stream().mapToInt(List::size).toArray(), links);
  }

  private double[][] weighMoves(List<Moment> moments) {
    double[][] efforts = new double[layers.size()][];
    meetings.forEach(
        (pair, alike) -> {
          Map<Moment, double[]> known = weighed.computeIfAbsent(pair, p -> new HashMap<>());
          Map<Moment, List<Integer>> byMoment = new LinkedHashMap<>();
          for (int layer : alike) {
            Moment seen = moments.get(layer).only(model.moveFacets());
            byMoment.computeIfAbsent(seen, m -> new ArrayList<>()).add(layer);
          }
          weigh(alike.get(0), byMoment.keySet(), known);
          byMoment.forEach((seen, at) -> at.forEach(layer -> efforts[layer] = known.get(seen)));
        });
    return efforts;
  }

  private void weigh(int layer, Set<Moment> moments, Map<Moment, double[]> known) {
    List<Moment> unknown = moments.stream().filter(m -> !known.containsKey(m)).toList();
    if (!unknown.isEmpty()) {
      double[][] efforts =
          weigher.weigh(layers.get(layer - 1), layers.get(layer), moves[layer], unknown);
      for (int i = 0; i < efforts.length; i++) {
        known.put(unknown.get(i), efforts[i]);
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
  private double[][][] weighTurns(List<Moment> moments) {
    double[][][] turnEfforts = new double[layers.size()][][];
    for (int i = 1; i < turnEfforts.length; i++) {
      TurnRows rows =
          turnsKnown.computeIfAbsent(
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
