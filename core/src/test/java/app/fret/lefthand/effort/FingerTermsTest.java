package app.fret.lefthand.effort;

import static app.fret.lefthand.effort.Ways.BASS;
import static app.fret.lefthand.effort.Ways.VIOLIN;
import static app.fret.lefthand.effort.Ways.move;
import static app.fret.lefthand.effort.Ways.place;
import static app.fret.lefthand.effort.Ways.turn;
import static app.fret.lefthand.effort.Ways.way;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.lefthand.effort.finger.WrittenTrillTerm;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import org.junit.jupiter.api.Test;

/** Terms of fingers (common practice, no source). */
class FingerTermsTest {
  private static final Moment SLOW = Moment.of(1);
  private static final Moment FAST = Moment.of(0.1);

  @Test
  void aFingerThatStayedAndIsUsedAgainIsAGain() {
    Turn again = new Turn(new Trail(2, 0), 2, false, true, false);
    Moment returns = FAST.with(Moment.Sign.RETURNS);
    assertThat(turn(VIOLIN, "keep-down", returns, new Trail(2, 0), again)).isNegative();
    assertThat(turn(VIOLIN, "keep-down", FAST, new Trail(2, 0), again)).isZero();
    assertThat(turn(VIOLIN, "keep-down", returns, new Trail(2, 1), again)).isZero();
  }

  @Test
  void aFingerStaysOnlyWhereNoLowerFingerNeedsItsString() {
    EffortModel model = new EffortModel(VIOLIN, Profiles.named("secure"));
    Placement second = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    Placement third = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    assertThat(model.turnOf(third, second).fingerStays()).isTrue();
    assertThat(model.turnOf(second, third).fingerStays()).isFalse();
  }

  @Test
  void weakPairsGoingBackAndForthAreWorseThanPassingOnce() {
    Turn weak = new Turn(new Trail(2, 0), 2, false, false, true);
    Moment returns = FAST.with(Moment.Sign.RETURNS);
    assertThat(turn(BASS, "alternation", returns, new Trail(2, 0), weak)).isPositive();
    assertThat(turn(BASS, "alternation", FAST, new Trail(2, 0), weak)).isZero();
    Placement second = way(BASS, "B1", 1, 3, Finger.SECOND);
    Placement fourth = way(BASS, "C2", 1, 3, Finger.FOURTH);
    assertThat(move(BASS, "weak-pair", FAST, second, fourth)).isPositive();
    assertThat(move(BASS, "weak-pair", SLOW, second, fourth)).isZero();
  }

  @Test
  void aWrittenTrillLiesOnStrongFingersOfOneString() {
    Moment trill = FAST.with(Moment.Sign.WRITTEN_TRILL);
    Placement second = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    Placement third = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement fourth = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    Placement open = way(VIOLIN, "E5", 2, 1, Finger.OPEN);
    assertThat(move(VIOLIN, "written-trill", trill, second, third)).isZero();
    double weak = move(VIOLIN, "written-trill", trill, third, fourth);
    assertThat(weak).isPositive();
    assertThat(move(VIOLIN, "written-trill", trill, third, open)).isGreaterThan(weak);
    assertThat(move(VIOLIN, "written-trill", FAST, third, fourth)).isZero();
  }

  @Test
  void whatIsWrongWithAWrittenTrillIsSaidOfItsFingers() {
    Moment trill = FAST.with(Moment.Sign.WRITTEN_TRILL);
    Placement second = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    Placement third = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement fourth = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    Placement open = way(VIOLIN, "A4", 2, 2, Finger.OPEN);
    Placement across = way(VIOLIN, "E5", 2, 1, Finger.OPEN);
    WrittenTrillTerm term = new WrittenTrillTerm();
    assertThat(term.reason(trill, third, fourth)).contains("on 3 and 4 is weaker");
    assertThat(term.reason(trill, open, second)).contains("on an open string");
    assertThat(term.reason(trill, third, across)).contains("two fingers of one string");
  }

  @Test
  void theClimaxSingsOnAStrongFinger() {
    Moment climax = SLOW.with(Moment.Sign.CLIMAX);
    Placement third = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement fourth = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    assertThat(place(VIOLIN, "climax", climax, fourth)).isPositive();
    assertThat(place(VIOLIN, "climax", climax, third)).isZero();
    assertThat(place(VIOLIN, "climax", SLOW, fourth)).isZero();
  }

  @Test
  void aGraceNoteLiesUnderTheHandOfItsNote() {
    Moment afterGrace = FAST.with(Moment.Sign.AFTER_GRACE);
    Placement grace = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    Placement near = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement shifted = way(VIOLIN, "D5", 5, 2, Finger.FIRST);
    assertThat(move(VIOLIN, "grace", afterGrace, grace, near)).isZero();
    assertThat(move(VIOLIN, "grace", afterGrace, grace, shifted)).isGreaterThan(0.5);
    assertThat(move(VIOLIN, "grace", FAST, grace, shifted)).isZero();
  }

  @Test
  void theFourthFingerIsBackedOnTheBass() {
    Placement fourth = way(BASS, "C2", 1, 3, Finger.FOURTH);
    assertThat(place(BASS, "finger-strength", SLOW, fourth)).isZero();
    Placement onViolin = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    assertThat(place(VIOLIN, "finger-strength", SLOW, onViolin)).isPositive();
  }
}
