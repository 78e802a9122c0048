package app.fret.bench;

import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.PreparedPassage;
import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.moment.Moment;
import app.fret.lefthand.moment.Moments;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.shortestpath.DijkstraShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The planner against a general graph library on the same placements and efforts.
 *
 * <p>A vertex of the graph is a pair of placements of neighbouring notes. Both are ready to search:
 * building the graph, which takes longer than searching it, is not counted against the library,
 * while the planner also describes its plan with every other way.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 1, jvmArgsAppend = "-Xmx6g")
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class GraphLibraryBench {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 120);
  private static final int NOTES = 10;

  /** The library's search wants weights that are not negative; every path has as many edges. */
  private static final double ABOVE_EVERY_GAIN = 10;

  private static final int START = -1;
  private static final int END = -2;

  private PreparedPassage prepared;
  private SimpleDirectedWeightedGraph<Integer, DefaultWeightedEdge> graph;

  private EffortModel model;
  private List<Moment> moments;
  private List<List<Placement>> layers;
  private final Map<List<Integer>, Integer> vertices = new HashMap<>();

  /** Lays out both and checks that they agree on the least effort. */
  @Setup
  public void prepare() throws PinConflictException {
    Passage passage = Melody.of(NOTES);
    Player player = Player.of("", Instruments.named("violin"));
    Profile profile = Profiles.named("secure");
    Brief brief = Melody.brief(passage, player, TEMPO);
    prepared = new LeftHandPlanner(player, profile).prepare(brief);
    model = new EffortModel(player, profile);
    moments = Moments.of(brief);
    Placements placements = new Placements(player);
    layers = brief.pitches().stream().map(placements::of).toList();
    graph = new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
    graph.addVertex(START);
    graph.addVertex(END);
    for (int i = 1; i < layers.size(); i++) {
      addLayer(i);
    }
    double least = library().getWeight() - ABOVE_EVERY_GAIN * NOTES;
    double planned = lattice().effort();
    if (Math.abs(least - planned) > 1e-6) {
      throw new IllegalStateException("the graph costs " + least + ", the plan " + planned);
    }
  }

  private void addLayer(int i) {
    for (int from = 0; from < layers.get(i - 1).size(); from++) {
      for (int to = 0; to < layers.get(i).size(); to++) {
        Placement source = layers.get(i - 1).get(from);
        Placement target = layers.get(i).get(to);
        double effort = model.move(moments.get(i), source, target) + stay(i, target);
        if (effort < Double.POSITIVE_INFINITY) {
          addPair(i, from, to, effort);
        }
      }
    }
  }

  private double stay(int i, Placement at) {
    return model.stay(moments.get(i), at) + ABOVE_EVERY_GAIN;
  }

  private void addPair(int i, int from, int to, double effort) {
    int vertex = vertices.size();
    vertices.put(List.of(i, from, to), vertex);
    graph.addVertex(vertex);
    if (i == 1) {
      Placement first = layers.get(0).get(from);
      graph.setEdgeWeight(graph.addEdge(START, vertex), stay(0, first) + effort);
    }
    for (int before = 0; i > 1 && before < layers.get(i - 2).size(); before++) {
      Integer previous = vertices.get(List.of(i - 1, before, from));
      if (previous != null) {
        double turn = turn(i, before, from, to);
        graph.setEdgeWeight(graph.addEdge(previous, vertex), effort + turn);
      }
    }
    if (i == layers.size() - 1) {
      graph.setEdgeWeight(graph.addEdge(vertex, END), 0);
    }
  }

  private double turn(int i, int before, int from, int to) {
    Placement one = layers.get(i - 2).get(before);
    Placement two = layers.get(i - 1).get(from);
    Placement three = layers.get(i).get(to);
    return model.turn(moments.get(i), model.turnOf(one, two).trail(), model.turnOf(two, three));
  }

  /** The library's shortest path. */
  @Benchmark
  public GraphPath<Integer, DefaultWeightedEdge> library() {
    return new DijkstraShortestPath<>(graph).getPath(START, END);
  }

  /** The planner's optimum, with the exact extra effort of every other way. */
  @Benchmark
  public LeftHandPlan lattice() throws PinConflictException {
    return prepared.plan(List.of());
  }
}
