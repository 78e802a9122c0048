package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Moment;
import app.fret.lefthand.effort.Moments;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import app.fret.score.SoundingPitch;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.List;
import java.util.Random;
import org.jgrapht.alg.shortestpath.BellmanFordShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The planner's optimum against a general graph library's shortest path over the same placements
 * and efforts, and against trying every combination. Oracle: JGraphT, Bellman-Ford.
 */
class LatticeOracleTest {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 112);
  private static final String[] PITCHES = {
    "G3", "A3", "Bb3", "C4", "D4", "Eb4", "F#4", "G4", "A4", "B4", "C5", "D5", "E5", "F5", "G5",
    "A5", "C6", "D6", "F6"
  };

  private final Player player = Player.of("", Instruments.named("violin"));
  private final EffortModel model = new EffortModel(player, Profiles.named("secure"));
  private final LeftHandPlanner planner = new LeftHandPlanner(player, Profiles.named("secure"));

  /** A melody of eighths and quarters with slurs and double stops. */
  static Passage randomMelody(Random random, int notes) {
    StringBuilder words = new StringBuilder();
    int eighths = 0;
    for (int i = 0; i < notes; i++) {
      String pitch = PITCHES[random.nextInt(PITCHES.length)];
      words.append(random.nextInt(9) == 0 ? "D4+" + "B4" : pitch).append("/8 ");
      if (++eighths % 8 == 0) {
        words.append("| ");
      }
    }
    while (eighths % 8 != 0) {
      words.append("r/8 ");
      eighths++;
    }
    return Music.passage(words.toString().replaceAll("\\| $", ""));
  }

  private List<List<Placement>> layers(List<PlayedNote> notes) {
    Placements placements = new Placements(player);
    return notes.stream()
        .map(
            n ->
                placements.of(
                    n.notes().stream()
                        .map(h -> new SoundingPitch(h.written().semitone()))
                        .toList()))
        .toList();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void costsAsMuchAsTheShortestPathOfAGraphLibrary(long seed) throws PinConflictException {
    Passage passage = randomMelody(new Random(seed), 16);
    List<PlayedNote> notes = PlayedNote.of(passage);
    List<Moment> moments = Moments.of(passage, notes, TEMPO);
    List<List<Placement>> layers = layers(notes);

    SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> graph =
        new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
    graph.addVertex("start");
    graph.addVertex("end");
    for (int i = 0; i < layers.size(); i++) {
      for (int p = 0; p < layers.get(i).size(); p++) {
        graph.addVertex(i + ":" + p);
        double stay = model.stay(moments.get(i), layers.get(i).get(p));
        if (i == 0) {
          join(graph, "start", "0:" + p, stay);
        } else {
          for (int q = 0; q < layers.get(i - 1).size(); q++) {
            double move =
                model.move(moments.get(i), layers.get(i - 1).get(q), layers.get(i).get(p));
            join(graph, (i - 1) + ":" + q, i + ":" + p, move + stay);
          }
        }
        if (i == layers.size() - 1) {
          join(graph, i + ":" + p, "end", 0);
        }
      }
    }
    double shortest = new BellmanFordShortestPath<>(graph).getPathWeight("start", "end");
    assertThat(planner.plan(passage, TEMPO, List.of()).effort()).isCloseTo(shortest, within(1e-9));
  }

  private static void join(
      SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> graph,
      String from,
      String to,
      double weight) {
    if (!Double.isInfinite(weight)) {
      graph.setEdgeWeight(graph.addEdge(from, to), weight);
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {21, 22, 23})
  void costsAsMuchAsTheBestOfAllCombinations(long seed) throws PinConflictException {
    Passage passage = randomMelody(new Random(seed), 3);
    List<PlayedNote> notes = PlayedNote.of(passage);
    List<Moment> moments = Moments.of(passage, notes, TEMPO);
    List<List<Placement>> layers = layers(notes);
    double best = Double.POSITIVE_INFINITY;
    for (Placement a : layers.get(0)) {
      for (Placement b : layers.get(1)) {
        double two =
            model.stay(moments.get(0), a)
                + model.move(moments.get(1), a, b)
                + model.stay(moments.get(1), b);
        for (Placement c : layers.get(2)) {
          double three = two + model.move(moments.get(2), b, c) + model.stay(moments.get(2), c);
          best = Math.min(best, three);
        }
      }
    }
    assertThat(planner.plan(passage, TEMPO, List.of()).effort()).isCloseTo(best, within(1e-9));
  }
}
