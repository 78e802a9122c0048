package app.fret.bow.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.Bowed;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.Draft;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** All lifts at once against every lift by itself. */
class JointCostsTest {
  private static final int PLACES = 61;
  private static final int NEAREST = 9;

  private static JointCosts lifts(String music, double perMinute, int stroke) {
    Player player = Player.of("", Instruments.named("violin"));
    Brief brief = Briefs.of(Music.passage(music), player, new Tempo(BeatUnit.QUARTER, perMinute));
    BowLine line = Bowed.line(brief);
    List<Draft> drafts = Bowed.drafts(line);
    return new JointCosts(
        Bowed.joints(line).between(drafts.get(stroke - 1), drafts.get(stroke)), PLACES);
  }

  /** Efforts before, some places out of reach. */
  private static double[] before(Random random) {
    double[] efforts = new double[PLACES];
    for (int p = 0; p < PLACES; p++) {
      efforts[p] = random.nextInt(5) == 0 ? Double.POSITIVE_INFINITY : 6 * random.nextDouble();
    }
    return efforts;
  }

  private static double least(JointCosts lifts, double[] before, int direction, int next, int to) {
    double least = Double.POSITIVE_INFINITY;
    for (int from = 0; from < PLACES; from++) {
      least = Math.min(least, before[from] + lifts.effort(direction, from, next, to));
    }
    return least;
  }

  @ParameterizedTest
  @CsvSource({
    "C5/4 D5/4 E5/4 F5/4, 60, 1",
    "C5/4 D5/4 E5/4 F5/4, 132, 2",
    "C5/8 D5/8 E5/8 F5/8, 160, 1",
    "C5/4 r/4 D5/4 E5/4, 90, 1",
    "C5/4 r/16 D5/8. E5/2, 120, 1",
    "(C5/2 D5/2) | E5/1, 50, 1"
  })
  void theSlidingWindowFindsTheLeastOfAllLifts(String music, double perMinute, int stroke) {
    JointCosts lifts = lifts(music, perMinute, stroke);
    Random random = new Random(7);
    for (int round = 0; round < 20; round++) {
      double[] before = before(random);
      int direction = round % 2;
      double[] starts = new double[2 * PLACES];
      Arrays.fill(starts, Double.POSITIVE_INFINITY);
      lifts.lower(before, 0, direction, starts, 0);
      for (int next = 0; next < 2; next++) {
        for (int to = 0; to < PLACES; to++) {
          double expected = least(lifts, before, direction, next, to);
          double found = starts[next * PLACES + to];
          if (Double.isInfinite(expected)) {
            assertThat(found).isInfinite();
          } else {
            assertThat(found).isCloseTo(expected, within(1e-9));
          }
        }
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"C5/4 D5/4 E5/4 F5/4, 60, 1", "C5/4 r/4 D5/4 E5/4, 90, 1"})
  void theWayBackIsTheMirrorImage(String music, double perMinute, int stroke) {
    JointCosts lifts = lifts(music, perMinute, stroke);
    Random random = new Random(11);
    double[] onward = new double[2 * PLACES];
    for (int i = 0; i < onward.length; i++) {
      onward[i] = 5 * random.nextDouble();
    }
    double[] found = new double[PLACES];
    Arrays.fill(found, Double.POSITIVE_INFINITY);
    lifts.lowerBack(onward, 0, 0, found, 0);
    double[] far = new double[PLACES];
    Arrays.fill(far, Double.POSITIVE_INFINITY);
    lifts.lowerBackLifted(onward, 0, 0, NEAREST, far, 0);
    for (int from = 0; from < PLACES; from++) {
      assertThat(found[from]).isCloseTo(least(lifts, from, onward, 0), within(1e-9));
      double lifted = least(lifts, from, onward, NEAREST);
      if (Double.isInfinite(lifted)) {
        assertThat(far[from]).isInfinite();
      } else {
        assertThat(far[from]).isCloseTo(lifted, within(1e-9));
      }
    }
  }

  private static double least(JointCosts lifts, int from, double[] onward, int nearest) {
    double least = Double.POSITIVE_INFINITY;
    for (int next = 0; next < 2; next++) {
      for (int to = 0; to < PLACES; to++) {
        if (Math.abs(to - from) >= nearest) {
          double effort = lifts.effort(0, from, next, to) + onward[next * PLACES + to];
          least = Math.min(least, effort);
        }
      }
    }
    return least;
  }
}
