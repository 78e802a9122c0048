package app.fret.bow;

import static app.fret.score.BowDirection.DOWN;
import static app.fret.score.BowDirection.UP;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.effort.BowWeights;
import app.fret.bow.search.BowJoints;
import app.fret.bow.search.BowSearch;
import app.fret.bow.search.Candidates;
import app.fret.bow.search.JointCosts;
import app.fret.bow.search.StrokeTable;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Figures;
import app.fret.bow.stroke.NoteCuts;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import org.jgrapht.alg.shortestpath.DijkstraShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Splits and joins where the school allows them, against all segmentations and a graph library. */
class FreeBowingTest {
  private static final int COARSE = 16;

  private static Brief brief(String music, double perMinute) {
    Player player = Player.of("", Instruments.named("violin"));
    return Briefs.of(Music.passage(music), player, new Tempo(BeatUnit.QUARTER, perMinute));
  }

  private static BowPlan plan(Brief brief, BowSchool school) {
    BowChoices choices = BowChoices.none().withSchool(school);
    return new BowPlanner().plan(brief, choices, Bowed.strings(brief));
  }

  @Test
  void aSlurTooLongForTheBowIsCutInTheFreeSchoolOnly() {
    Brief brief = brief("(C5/2 D5/2 | E5/2 F5/2 | G5/1)", 50);
    assertThat(plan(brief, BowSchool.PRINTED).strokes()).hasSize(1);
    assertThat(plan(brief, BowSchool.SECTION).strokes()).hasSize(1);
    BowPlan free = plan(brief, BowSchool.FREE);
    assertThat(free.strokes()).hasSizeBetween(2, 3);
    assertThat(free.strokes().get(1).reasons().get(0)).contains("split");
    assertThat(free.troubles()).isEmpty();
    assertThat(free.effort()).isLessThan(plan(brief, BowSchool.PRINTED).effort());
  }

  @Test
  void aLongNoteTurnsOnABeatInside() {
    Brief brief = brief("C5/1 | D5/4 r/2.", 30);
    BowPlan free = plan(brief, BowSchool.FREE);
    assertThat(free.strokes()).hasSizeGreaterThan(2);
    Stroke inside = free.strokes().get(1);
    assertThat(inside.firstNote()).isZero();
    assertThat(inside.from() * 4).isCloseTo(Math.rint(inside.from() * 4), within(1e-3));
    assertThat(free.groups().groups()).containsExactly(new Span(0, 0), new Span(1, 1));
  }

  @Test
  void aSlurThatFitsIsNotPeeled() {
    Brief brief = brief("(C5/4 D5/4 E5/4 F5/4) | (G5/4 F5/4 E5/4 D5/4) | C5/1", 100);
    assertThat(plan(brief, BowSchool.FREE).groups()).isEqualTo(brief.reading().strokes());
  }

  @Test
  void bowSignsBindInThePrintedSchoolAndGiveWayInTheOthers() {
    Brief brief = brief("C5/4^ D5/4v E5/4^ F5/4v | C5/4^ D5/4v E5/4^ F5/4v | C5/1^", 90);
    assertThat(plan(brief, BowSchool.PRINTED).strokes().get(0).direction())
        .isEqualTo(BowDirection.UP);
    assertThat(plan(brief, BowSchool.SECTION).effort())
        .isLessThanOrEqualTo(plan(brief, BowSchool.PRINTED).effort() + 1e-9);
  }

  /** Common practice, no source: dotted rhythms are hooked, slur or none. */
  @Test
  void aDottedPairIsHookedInEverySchool() {
    String music = "C5/8. D5/16 E5/8. F5/16 G5/8. A5/16 G5/8. F5/16 | E5/1";
    for (BowSchool school : BowSchool.values()) {
      List<Stroke> strokes = plan(brief(music, 80), school).strokes();
      assertThat(strokes.get(1).direction()).isEqualTo(strokes.get(0).direction());
      assertThat(strokes.get(2).direction()).isNotEqualTo(strokes.get(1).direction());
      assertThat(strokes.get(1).kind()).isEqualTo(StrokeKind.HOOKED);
    }
  }

  /**
   * Common practice, no source: in compound time the third of a beat goes with the two before it.
   */
  @Test
  void inCompoundTimeAQuarterAndAnEighthAreHooked() {
    Player player = Player.of("", Instruments.named("viola"));
    Tempo tempo = new Tempo(BeatUnit.DOTTED_QUARTER, 72);
    String music = "G4/4 A4/8 B4/4 C5/8 | D5/4 C5/8 B4/4 A4/8 | G4/2.";
    Brief jig = Briefs.of(Music.passage(Metre.of(6, 8), music), player, tempo);
    for (BowSchool school : BowSchool.values()) {
      assertThat(plan(jig, school).strokes())
          .extracting(Stroke::direction)
          .containsExactly(DOWN, DOWN, UP, UP, DOWN, DOWN, UP, UP, DOWN);
    }
  }

  @Test
  void inSimpleTimeAQuarterAndAnEighthAreNotHooked() {
    List<Stroke> strokes =
        plan(brief("C5/4 D5/8 E5/8 F5/4 G5/4 | E5/1", 80), BowSchool.PRINTED).strokes();
    assertThat(strokes.get(1).direction()).isNotEqualTo(strokes.get(0).direction());
  }

  @Test
  void everyNoteIsBowedOnceInEverySchool() {
    Brief brief = brief("(C5/2 D5/2 | E5/2 F5/2 | G5/1) | A5/8 B5/8 (C6/4 B5/4) A5/4 | G5/1", 52);
    for (BowSchool school : BowSchool.values()) {
      List<Integer> bowed = new ArrayList<>();
      for (Span group : plan(brief, school).groups().groups()) {
        for (int note = group.first(); note <= group.last(); note++) {
          bowed.add(note);
        }
      }
      assertThat(bowed).hasSize(brief.notes().size()).isSorted().doesNotHaveDuplicates();
    }
  }

  /**
   * A graph whose shortest way is the least effort: a node for each stroke, direction and place.
   */
  private static double shortest(List<Draft> drafts, BowJoints joints, BowWeights weights) {
    var graph =
        new SimpleDirectedWeightedGraph<String, DefaultWeightedEdge>(DefaultWeightedEdge.class);
    graph.addVertex("start");
    graph.addVertex("end");
    int last = drafts.stream().mapToInt(d -> d.notes().last()).max().orElseThrow();
    for (int i = 0; i < drafts.size(); i++) {
      addStroke(graph, i, drafts.get(i), weights);
      for (int state = 0; state < 2 * COARSE; state++) {
        if (drafts.get(i).notes().first() == 0) {
          connect(graph, "start", "in" + i + "/" + state, 0);
        }
        if (drafts.get(i).notes().last() == last) {
          connect(graph, "out" + i + "/" + state, "end", 0);
        }
      }
      for (int k = 0; k < drafts.size(); k++) {
        if (drafts.get(k).notes().first() == drafts.get(i).notes().last() + 1) {
          addJoint(
              graph, i, k, new JointCosts(joints.between(drafts.get(i), drafts.get(k)), COARSE));
        }
      }
    }
    return DijkstraShortestPath.findPathBetween(graph, "start", "end").getWeight();
  }

  private static void connect(
      SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> graph,
      String from,
      String to,
      double effort) {
    graph.addVertex(from);
    graph.addVertex(to);
    if (Double.isFinite(effort)) {
      graph.setEdgeWeight(graph.addEdge(from, to), effort);
    }
  }

  private static void addStroke(
      SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> graph,
      int number,
      Draft draft,
      BowWeights weights) {
    StrokeTable table = new StrokeTable(draft.demand(), weights, COARSE);
    for (int direction = 0; direction < 2; direction++) {
      for (int start = 0; start < COARSE; start++) {
        for (int end = table.firstEnd(direction, start);
            end <= table.lastEnd(direction, start);
            end++) {
          String from = "in" + number + "/" + (direction * COARSE + start);
          String to = "out" + number + "/" + (direction * COARSE + end);
          connect(graph, from, to, draft.price() + table.effort(direction, start, end));
        }
      }
    }
  }

  private static void addJoint(
      SimpleDirectedWeightedGraph<String, DefaultWeightedEdge> graph,
      int from,
      int to,
      JointCosts lifts) {
    for (int state = 0; state < 2 * COARSE; state++) {
      for (int next = 0; next < 2 * COARSE; next++) {
        double effort = lifts.effort(state / COARSE, state % COARSE, next / COARSE, next % COARSE);
        connect(graph, "out" + from + "/" + state, "in" + to + "/" + next, effort);
      }
    }
  }

  @ParameterizedTest
  @CsvSource({
    "'(C5/2 D5/2 | E5/2 F5/2) | G5/4 A5/4 r/2', 50",
    "'C5/4 (D5/8 E5/8 F5/8 G5/8) A5/4 | (B5/2. A5/4)', 66",
    "'C5/1 | D5/4 E5/4 F5/2', 36",
    "'C5/8. D5/16 E5/8. F5/16 (G5/2 | F5/2) r/2', 72"
  })
  void aGraphLibraryFindsNothingCheaper(String music, double perMinute) {
    Brief brief = brief(music, perMinute);
    NoteCuts cuts = new NoteCuts(brief, BowSchool.FREE, Bowed.NOTHING);
    BowLine line = new BowLine(brief, Bowed.strings(brief), cuts);
    List<Draft> drafts = new Candidates(line, BowSchool.FREE, Bowed.NOTHING).all();
    BowJoints joints = new BowJoints(line, BowSchool.FREE, Bowed.NOTHING);
    BowWeights weights = BowWeights.of(BowSchool.FREE);
    Figures figures = new Figures(line, line.groups());
    assertThat(figures.runs()).isEmpty();
    BowSearch search = new BowSearch(drafts, joints, figures, weights, COARSE);
    assertThat(search.least()).isCloseTo(shortest(drafts, joints, weights), within(1e-9));
    double path = 0;
    for (BowSearch.Drawn drawn : search.path()) {
      path += drawn.draft().price();
    }
    assertThat(path).isLessThanOrEqualTo(search.least() + 1e-9);
  }

  @Test
  void candidatesGrowWithTheNotesAndNotWithTheirSquare() {
    String run = "C5/16 D5/16 E5/16 F5/16 ";
    Passage shorter = Music.passage("(" + run.repeat(4).trim() + ")");
    Passage longer =
        Music.passage("(" + (run.repeat(4) + "| ").repeat(7) + run.repeat(4).trim() + ")");
    int few = candidates(shorter);
    int many = candidates(longer);
    assertThat(few).isPositive();
    assertThat(many).isLessThan(8 * few + 64);
  }

  private static int candidates(Passage passage) {
    Player player = Player.of("", Instruments.named("violin"));
    Brief brief = Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, 80));
    return new Candidates(Bowed.line(brief), BowSchool.FREE, Bowed.NOTHING).all().size();
  }
}
