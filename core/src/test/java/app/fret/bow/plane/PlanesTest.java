package app.fret.bow.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.BowPlanner;
import app.fret.bow.Signed;
import app.fret.bow.plane.PlanePlan.Joint;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.instrument.StringPlanes;
import app.fret.score.BeatUnit;
import app.fret.score.NoteValue;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The arm over the strings: plane geometry, and common practice where none is named. */
class PlanesTest {
  private static PlanePlan plan(NoteValue value, String level, String words, int... strings) {
    Player player = Player.of("", Instruments.named("violin"));
    Brief brief =
        Briefs.of(Signed.passage(value, level, words), player, new Tempo(BeatUnit.QUARTER, 100));
    List<List<Integer>> all = new ArrayList<>();
    for (int i = 0; i < brief.notes().size(); i++) {
      all.add(List.of(strings[i % strings.length]));
    }
    return new BowPlanner().plan(brief, all).planes();
  }

  /** Two thirds of asin(spacing / 2R), worked out by hand from arch radius and outer spacing. */
  @ParameterizedTest
  @CsvSource({"violin, 15.7", "viola, 15.1", "cello, 14.8", "bass, 21.7"})
  void neighbouringStringsLieAsFarApartAsTheArchSays(String instrument, double degrees) {
    StringPlanes planes = StringPlanes.of(Instruments.named(instrument));
    assertThat(planes.betweenDegrees()).isCloseTo(degrees, within(0.1));
    assertThat(planes.degrees(1)).isCloseTo(1.5 * planes.betweenDegrees(), within(1e-9));
    assertThat(planes.degrees(1)).isEqualTo(-planes.degrees(4));
    assertThat(planes.leanDegrees()).isCloseTo(planes.betweenDegrees() / 2 - 2.5, within(1e-9));
  }

  @Test
  void anAlternationLeansToBothStringsAndTravelsLess() {
    PlanePlan plan = plan(NoteValue.SIXTEENTH, "mf", "- - - - - - - - - - - -", 2, 1);
    assertThat(plan.crossings()).isEqualTo(11);
    assertThat(plan.preparedTotalMm()).isLessThan(0.5 * plan.totalMm());
    assertThat(plan.preparedLargestMm()).isLessThan(plan.largestMm());
    StringPlanes planes = StringPlanes.of(Instruments.named("violin"));
    assertThat(plan.notes().get(4).degrees())
        .isCloseTo(planes.degrees(2) + planes.leanDegrees(), within(1e-6));
  }

  @Test
  void everyAngleClearsTheNeighbours() {
    PlanePlan plan = plan(NoteValue.EIGHTH, "mf", "- - - - - - - -", 4, 2, 3, 1);
    StringPlanes planes = StringPlanes.of(Instruments.named("violin"));
    assertThat(plan.notes())
        .hasSize(8)
        .allSatisfy(
            n ->
                assertThat(Math.abs(n.degrees() - planes.degrees(n.string())))
                    .isLessThanOrEqualTo(planes.leanDegrees() + 1e-6));
  }

  /** The least way over bands, found by trying every half degree instead. */
  @Test
  void noWayOverFinerAnglesIsShorter() {
    PlanePlan plan = plan(NoteValue.EIGHTH, "mf", "- - - - - -", 3, 1, 2);
    StringPlanes planes = StringPlanes.of(Instruments.named("violin"));
    double[] least = new double[200];
    for (int i = 0; i < plan.notes().size(); i++) {
      double[] next = new double[200];
      PlanePlan.NotePlane note = plan.notes().get(i);
      double leverMm = note.place() * 650 + 30;
      for (int a = 0; a < 200; a++) {
        double angle = (a - 100) * 0.5;
        double off = Math.abs(angle - planes.degrees(note.string()));
        next[a] = Double.POSITIVE_INFINITY;
        for (int b = 0; b < 200 && off <= planes.leanDegrees(); b++) {
          double way = i == 0 ? 0 : leverMm * Math.toRadians(Math.abs(a - b) * 0.5);
          next[a] = Math.min(next[a], least[b] + way + 0.02 * off);
        }
      }
      least = next;
    }
    double best = Double.POSITIVE_INFINITY;
    for (double effort : least) {
      best = Math.min(best, effort);
    }
    assertThat(plan.preparedTotalMm()).isLessThanOrEqualTo(best + 1e-6);
  }

  @Test
  void fastCrossingsComeFromTheWristSlowSlursFromTheArm() {
    PlanePlan fast = plan(NoteValue.SIXTEENTH, "mf", "- - - -", 2, 1);
    assertThat(fast.joints()).hasSize(3).allMatch(j -> j.joint() == Joint.WRIST_AND_FINGERS);
    PlanePlan slow = plan(NoteValue.HALF, "mf", "(- - - -)", 2, 1);
    assertThat(slow.joints()).hasSize(3).allMatch(j -> j.joint() == Joint.WHOLE_ARM);
    PlanePlan middling = plan(NoteValue.QUARTER, "mf", "- - - -", 2, 1);
    assertThat(middling.joints()).hasSize(3).allMatch(j -> j.joint() == Joint.FOREARM);
    PlanePlan leaping = plan(NoteValue.QUARTER, "mf", "- - - -", 3, 1);
    assertThat(leaping.joints()).hasSize(3).allMatch(j -> j.joint() == Joint.WHOLE_ARM);
  }

  @Test
  void theArmIsOnItsWayBeforeACrossingButNotOnTheReturnOfAFastAlternation() {
    PlanePlan once = plan(NoteValue.QUARTER, "mf", "- - - -", 2, 2, 1, 1);
    assertThat(once.armLeads()).containsExactly(new PlanePlan.ArmLead(1, 2));
    PlanePlan fast = plan(NoteValue.SIXTEENTH, "mf", "- - - - - -", 2, 1);
    assertThat(fast.armLeads()).containsExactly(new PlanePlan.ArmLead(0, 1));
  }

  @Test
  void notesAreCountedByString() {
    PlanePlan plan = plan(NoteValue.QUARTER, "mf", "- - - -", 2, 2, 1, 3);
    assertThat(plan.notesPerString()).containsEntry(2, 2).containsEntry(1, 1).containsEntry(3, 1);
  }
}
