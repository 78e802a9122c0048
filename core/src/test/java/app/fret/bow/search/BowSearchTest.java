package app.fret.bow.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.Bowed;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Figures;
import app.fret.bow.stroke.Way;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The search against all combinations on every sixth place of the grid, tried one by one. */
class BowSearchTest {
  private static final int COARSE = 21;

  private static BowLine line(String instrument, Passage passage, double perMinute) {
    Player player = Player.of("", Instruments.named(instrument));
    return Bowed.line(Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, perMinute)));
  }

  /** All ways, with places on a coarser grid, so that they can all be tried. */
  private static final class AllWays {
    private final List<Draft> drafts;
    private final BowJoints joints;
    private final StrokeTable[] tables;
    private final Figures figures;
    private final int places;
    private double least = Double.POSITIVE_INFINITY;
    private Allowed allowed = (stroke, before, at, direction, start) -> true;

    /** Which ways are looked at. */
    private interface Allowed {
      boolean of(int stroke, BowDirection before, int at, BowDirection direction, int start);
    }

    AllWays(BowLine line, int places) {
      this.drafts = Bowed.drafts(line);
      this.joints = Bowed.joints(line);
      this.places = places;
      this.figures = Bowed.figures(line);
      this.tables = new StrokeTable[drafts.size()];
      for (int i = 0; i < tables.length; i++) {
        tables[i] = new StrokeTable(drafts.get(i).demand(), Bowed.WEIGHTS, places);
      }
    }

    double least() {
      extend(0, 0, null, 0, 0);
      return least;
    }

    double least(Allowed only) {
      allowed = only;
      return least();
    }

    private void extend(int stroke, double effort, BowDirection before, int at, int begun) {
      if (effort >= least) {
        return;
      }
      if (stroke == drafts.size()) {
        least = effort;
        return;
      }
      for (BowDirection direction : BowDirection.values()) {
        int first = drafts.get(stroke).notes().first();
        boolean turned = figures.repeats(first) && direction.ordinal() != begun;
        double figure = turned ? Bowed.WEIGHTS.price("other-start") : 0;
        int now = figures.begins(first) ? direction.ordinal() : begun;
        for (int start = 0; start < places; start++) {
          if (!allowed.of(stroke, before, at, direction, start)) {
            continue;
          }
          double joint = joint(stroke, before, at, direction, start);
          for (int end = 0; end < places; end++) {
            boolean fits = direction == BowDirection.DOWN ? end > start : end < start;
            int cells = Math.abs(end - start);
            if (fits
                && cells >= tables[stroke].leastCells()
                && cells <= tables[stroke].mostCells()) {
              double own = tables[stroke].effort(direction.ordinal(), start, end);
              extend(stroke + 1, effort + figure + joint + own, direction, end, now);
            }
          }
        }
      }
    }

    private double joint(int stroke, BowDirection before, int at, BowDirection now, int start) {
      if (before == null) {
        return 0;
      }
      BowJoints.Joint joint = joints.between(drafts.get(stroke - 1), drafts.get(stroke));
      double distance = (double) Math.abs(start - at) / (places - 1);
      double lifted = joint.lifted(distance, start > at, before == now, now);
      if (start != at) {
        return lifted;
      }
      return Math.min(lifted, before == now ? joint.hook(now) : joint.turn());
    }
  }

  @ParameterizedTest
  @CsvSource({
    "violin, C5/4 (D5/4 E5/4) F5/4, 80",
    "viola, (G4/2. A4/4) | B4/2 r/2, 60",
    "cello, G3/8 A3/8 (B3/8 C4/8) D4/4 r/4, 120",
    "bass, C3/2 r/4 D3/4v | E3/1, 100"
  })
  void nothingIsCheaperThanWhatTheSearchFinds(String instrument, String music, double perMinute) {
    BowLine line = line(instrument, Music.passage(music), perMinute);
    double coarse = Bowed.search(line, COARSE).least();
    assertThat(coarse).isCloseTo(new AllWays(line, COARSE).least(), within(1e-9));
    assertThat(Bowed.search(line, Way.PLACES).least()).isLessThanOrEqualTo(coarse);
  }

  /** What another direction costs more is exact: the least of all ways that take it. */
  @ParameterizedTest
  @CsvSource({
    "violin, C5/4 (D5/4 E5/4) F5/4, 80, 1",
    "cello, G3/8 A3/8 (B3/8 C4/8) D4/4 r/4, 120, 2",
    "bass, C3/2 r/4 D3/4v | E3/1, 100, 2"
  })
  void anotherDirectionCostsExactlyWhatTheBestPlanWithItCosts(
      String instrument, String music, double perMinute, int stroke) {
    BowLine line = line(instrument, Music.passage(music), perMinute);
    BowSearch search = Bowed.search(line, COARSE);
    List<Way> ways = Bowed.ways(search);
    Way taken = ways.get(stroke);
    double extra =
        Bowed.others(line, search).of(stroke).stream()
            .filter(o -> o.what().equals(taken.isUp() ? "down-bow" : "up-bow"))
            .findFirst()
            .orElseThrow()
            .extraEffort();
    double turned =
        new AllWays(line, COARSE)
            .least((s, before, at, way, start) -> s != stroke || way != taken.direction());
    assertThat(extra).isCloseTo(turned - search.least(), within(1e-9));
  }

  @Test
  void otherWaysAreNamedCheapestFirstAndNoneIsCheaperThanThePlan() {
    BowLine line = line("violin", Music.passage("C5/4 D5/4 E5/4 r/4 | F5/2 G5/2"), 80);
    BowSearch search = Bowed.search(line, Way.PLACES);
    List<OtherStroke> others = Bowed.others(line, search).of(2);
    assertThat(others)
        .extracting(OtherStroke::what)
        .contains("hook", "retake")
        .anyMatch(what -> what.startsWith("start at 0."))
        .doesNotHaveDuplicates();
    assertThat(others).extracting(OtherStroke::extraEffort).isSorted();
    assertThat(others.get(0).extraEffort()).isNotNegative();
  }

  @Test
  void theWaysFoundTogetherCostTheLeastEffort() {
    BowLine line = line("violin", Music.passage("C5/4 (D5/4 E5/4) F5/4 | G5/2 r/4 A5/4"), 90);
    List<Way> ways = Bowed.ways(Bowed.search(line, Way.PLACES));
    assertThat(ways).hasSameSizeAs(Bowed.drafts(line));
    assertThat(ways)
        .allSatisfy(way -> assertThat(way.end() > way.start()).isEqualTo(!way.isUp()))
        .allSatisfy(way -> assertThat(way.start()).isBetween(0.0, 1.0));
  }
}
