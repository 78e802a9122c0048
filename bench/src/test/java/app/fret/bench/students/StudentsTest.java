package app.fret.bench.students;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bench.students.Student.Traits;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The invented student does what it says, and the comparison tells plans apart. */
class StudentsTest {
  private static Student student(double start, double spot) {
    return Student.of(start, spot, 1, Traits.USUAL, new Random(1));
  }

  @Test
  void practiceNearTheEdgeTeaches() {
    Student student = student(-0.5, 0);
    double before = student.chance(-0.4, false, 0);
    for (int i = 0; i < 30; i++) {
      student.play(-0.5, false, 0, 0.5);
    }
    assertThat(student.chance(-0.4, false, 0)).isGreaterThan(before);
  }

  @Test
  void playingMuchTooFastHarms() {
    Student student = student(-0.5, 0);
    double before = student.chance(-0.4, false, 0);
    for (int i = 0; i < 30; i++) {
      student.play(0, false, 0, 0.5);
    }
    assertThat(student.chance(-0.4, false, 0)).isLessThan(before);
  }

  @Test
  void aDayOffForgetsAndTwiceSoForWhoForgetsTwice() {
    Student usual = student(0, 0);
    Student forgetful = Student.of(0, 0, 1, new Traits(1, 2, 1, false), new Random(1));
    usual.night(false);
    forgetful.night(false);
    assertThat(forgetful.chance(0, false, 0)).isLessThan(usual.chance(0, false, 0));
    assertThat(usual.chance(0, false, 0)).isLessThan(0.5);
  }

  @Test
  void aDrillThatFitsWorksOnTheSpot() {
    Student fits = student(0.1, 0.4);
    Student other = student(0.1, 0.4);
    fits.drill(5, true);
    other.drill(5, false);
    assertThat(fits.chance(0, false, 0)).isGreaterThan(other.chance(0, false, 0));
  }

  @Test
  void aColdPassIsHarderThanAWarmOneAndALongDayTires() {
    Student student = student(0, 0);
    assertThat(student.chance(0, true, 0)).isLessThan(student.chance(0, false, 0));
    assertThat(student.chance(0, false, 90)).isLessThan(student.chance(0, false, 10));
  }

  @Test
  void theSameSeedsGiveTheSameOutcome() {
    Students.Outcome one = Students.outcome(Programme.LATE, Policy.CHOSEN, Traits.USUAL, 2);
    Students.Outcome again = Students.outcome(Programme.LATE, Policy.CHOSEN, Traits.USUAL, 2);
    assertThat(one.ready()).isEqualTo(again.ready());
    assertThat(one.minutes()).isEqualTo(again.minutes());
  }

  /** Facts that hold for this student by a wide margin; see docs/practice-model.md for the rest. */
  @Test
  void theScheduleBeatsWorstFirstAndTheTargetAlone() {
    double chosen = Students.outcome(Programme.LIST, Policy.CHOSEN, Traits.USUAL, 4).ready();
    double worst = Students.outcome(Programme.LIST, Policy.WORST_FIRST, Traits.USUAL, 4).ready();
    double target = Students.outcome(Programme.LIST, Policy.TARGET_ONLY, Traits.USUAL, 4).ready();
    assertThat(chosen).isGreaterThan(worst).isGreaterThan(target);
  }
}
