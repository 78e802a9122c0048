package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.moment.Moment;
import app.fret.lefthand.moment.Moments;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.search.Chain;
import app.fret.search.Lattice;
import app.fret.search.OtherPlans;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.shortestpath.BellmanFordShortestPath;
import org.jgrapht.alg.shortestpath.YenShortestPathIterator;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The planner's optimum and its next best plans against a general graph library over the same
 * placements and efforts. A vertex of the graph is a pair of placements of neighbouring notes, so
 * the graph knows nothing of trails. Oracle: JGraphT, Bellman-Ford and Yen.
 */
class LatticeOracleTest {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 112);
  private static final List<String> VIOLIN =
      List.of("G3", "Bb3", "D4", "Eb4", "F#4", "A4", "B4", "D5", "E5", "G5", "A5", "C6", "D6");
  private static final List<String> LOW_VIOLIN = List.of("A3", "Bb3", "B3", "C4");
  private static final List<String> BASS =
      List.of("E2", "G2", "A2", "C3", "D3", "F3", "G3", "Bb3", "D4", "F4", "G4", "A4");

  /** A passage laid out for search, with the graph over the same efforts. */
  private static final class Laid {
    final EffortModel model;
    final List<Moment> moments;
    final List<List<Placement>> layers;
    final double[][] stays;

    Laid(String instrument, Passage passage) {
      Player player = Player.of("", Instruments.named(instrument));
      model = new EffortModel(player, Profiles.named("secure"));
      Brief brief = Briefs.of(passage, player, TEMPO);
      moments = Moments.of(brief);
      Placements placements = new Placements(player);
      layers = brief.pitches().stream().map(placements::of).toList();
      stays = new double[layers.size()][];
      for (int i = 0; i < stays.length; i++) {
        Moment moment = moments.get(i);
        stays[i] = layers.get(i).stream().mapToDouble(p -> model.stay(moment, p)).toArray();
      }
    }

    Chain chain() {
      return new Joints(layers, model).chain(moments);
    }

    Lattice lattice() {
      return new Lattice(chain(), stays);
    }

    double move(int i, int from, int to) {
      return model.move(moments.get(i), layers.get(i - 1).get(from), layers.get(i).get(to));
    }

    double turn(int i, int before, int from, int to) {
      Placement one = layers.get(i - 2).get(before);
      Placement two = layers.get(i - 1).get(from);
      Placement three = layers.get(i).get(to);
      return model.turn(moments.get(i), model.turnOf(one, two).trail(), model.turnOf(two, three));
    }

    SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> graph() {
      SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> graph =
          new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
      graph.addVertex("start");
      graph.addVertex("end");
      for (int i = 1; i < layers.size(); i++) {
        for (int from = 0; from < layers.get(i - 1).size(); from++) {
          for (int to = 0; to < layers.get(i).size(); to++) {
            addPair(graph, i, from, to);
          }
        }
      }
      return graph;
    }

    private void addPair(
        SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> graph, int i, int from, int to) {
      double here = move(i, from, to) + stays[i][to];
      if (Double.isInfinite(here)) {
        return;
      }
      String vertex = i + ":" + from + ":" + to;
      graph.addVertex(vertex);
      if (i == 1) {
        graph.setEdgeWeight(graph.addEdge("start", vertex), stays[0][from] + here);
      }
      for (int before = 0; i > 1 && before < layers.get(i - 2).size(); before++) {
        String previous = (i - 1) + ":" + before + ":" + from;
        if (graph.containsVertex(previous)) {
          double weight = here + turn(i, before, from, to);
          graph.setEdgeWeight(graph.addEdge(previous, vertex), weight);
        }
      }
      if (i == layers.size() - 1) {
        graph.setEdgeWeight(graph.addEdge(vertex, "end"), 0);
      }
    }
  }

  private static Passage melody(List<String> pitches, long seed, int notes, int chords) {
    Random random = new Random(seed);
    StringBuilder words = new StringBuilder();
    for (int i = 0; i < notes; i++) {
      String pitch = pitches.get(random.nextInt(pitches.size()));
      boolean chord = chords > 0 && random.nextInt(chords) == 0;
      boolean slur = i % 4 == 0 && i + 1 < notes;
      words.append(slur ? "(" : "").append(chord ? "D4+B4" : pitch).append("/8");
      words.append(i % 4 == 1 ? ") " : " ");
    }
    return Music.passage(words.toString());
  }

  @ParameterizedTest
  @CsvSource({"violin, 1", "violin, 2", "violin, 3", "bass, 4", "bass, 5", "bass, 6"})
  void costsAsMuchAsTheShortestPathOfAGraphLibrary(String instrument, long seed) {
    boolean violin = instrument.equals("violin");
    Laid laid = new Laid(instrument, melody(violin ? VIOLIN : BASS, seed, 8, violin ? 9 : 0));
    double shortest = new BellmanFordShortestPath<>(laid.graph()).getPathWeight("start", "end");
    assertThat(laid.lattice().least()).isCloseTo(shortest, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(longs = {21, 22, 23})
  void throughEachPlacementCostsAsMuchAsTheBestOfAllCombinations(long seed) {
    Laid laid = new Laid("violin", melody(VIOLIN, seed, 3, 0));
    double[] through = new double[laid.layers.get(1).size()];
    Arrays.fill(through, Double.POSITIVE_INFINITY);
    for (int a = 0; a < laid.layers.get(0).size(); a++) {
      for (int b = 0; b < through.length; b++) {
        double two = laid.stays[0][a] + laid.move(1, a, b) + laid.stays[1][b];
        for (int c = 0; c < laid.layers.get(2).size(); c++) {
          double three = two + laid.move(2, b, c) + laid.stays[2][c] + laid.turn(2, a, b, c);
          through[b] = Math.min(through[b], three);
        }
      }
    }
    Lattice lattice = laid.lattice();
    for (int b = 0; b < through.length; b++) {
      if (Double.isInfinite(through[b])) {
        assertThat(lattice.through(1, b)).isInfinite();
      } else {
        assertThat(lattice.through(1, b)).isCloseTo(through[b], within(1e-9));
      }
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {31, 32, 33, 34})
  void anotherPlanIsTheFirstPathOfAGraphLibraryThatDiffersAsOften(long seed) {
    Laid laid = new Laid("violin", melody(LOW_VIOLIN, seed, 4, 0));
    int[] best = laid.lattice().path();
    OtherPlans search =
        new OtherPlans(
            laid.chain(),
            laid.stays,
            (i, one, two) ->
                laid.layers.get(i).get(one).isOtherKindThan(laid.layers.get(i).get(two)),
            3);
    List<OtherPlans.Found> found = search.after(List.of(best), 1);
    assertThat(found).hasSize(1);
    int differing = differing(laid, best, found.get(0).path());
    assertThat(differing).isGreaterThanOrEqualTo(3);
    YenShortestPathIterator<String, DefaultWeightedEdge> paths =
        new YenShortestPathIterator<>(positive(laid.graph()), "start", "end");
    int[] first = placements(paths.next(), laid.layers.size());
    while (differing(laid, best, first) < differing) {
      first = placements(paths.next(), laid.layers.size());
    }
    assertThat(found.get(0).effort())
        .isCloseTo(effort(laid, found.get(0).path()), within(1e-9))
        .isCloseTo(effort(laid, first), within(1e-9));
  }

  /** Yen's algorithm asks for weights that are not negative; every path has as many edges. */
  private static SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> positive(
      SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> graph) {
    graph.edgeSet().forEach(e -> graph.setEdgeWeight(e, graph.getEdgeWeight(e) + 10));
    return graph;
  }

  private static int[] placements(GraphPath<String, DefaultWeightedEdge> path, int notes) {
    int[] placements = new int[notes];
    for (String vertex : path.getVertexList()) {
      String[] parts = vertex.split(":");
      if (parts.length == 3) {
        int i = Integer.parseInt(parts[0]);
        placements[i - 1] = Integer.parseInt(parts[1]);
        placements[i] = Integer.parseInt(parts[2]);
      }
    }
    return placements;
  }

  private static int differing(Laid laid, int[] one, int[] other) {
    int differing = 0;
    for (int i = 0; i < one.length; i++) {
      Placement first = laid.layers.get(i).get(one[i]);
      Placement second = laid.layers.get(i).get(other[i]);
      boolean stopped =
          first.usesHand() && second.usesHand() && !first.stops().equals(second.stops());
      boolean otherString = first.top().string() != second.top().string();
      differing += stopped && (otherString || first.hand() != second.hand()) ? 1 : 0;
    }
    return differing;
  }

  private static double effort(Laid laid, int[] path) {
    double effort = laid.stays[0][path[0]];
    for (int i = 1; i < path.length; i++) {
      effort += laid.move(i, path[i - 1], path[i]) + laid.stays[i][path[i]];
      effort += i > 1 ? laid.turn(i, path[i - 2], path[i - 1], path[i]) : 0;
    }
    return effort;
  }
}
