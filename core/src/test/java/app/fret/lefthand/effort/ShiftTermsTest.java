package app.fret.lefthand.effort;

import static app.fret.lefthand.effort.Ways.BASS;
import static app.fret.lefthand.effort.Ways.CELLO;
import static app.fret.lefthand.effort.Ways.VIOLIN;
import static app.fret.lefthand.effort.Ways.move;
import static app.fret.lefthand.effort.Ways.place;
import static app.fret.lefthand.effort.Ways.turn;
import static app.fret.lefthand.effort.Ways.way;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Habits;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import org.junit.jupiter.api.Test;

/** Terms of shifts (common practice, no source). */
class ShiftTermsTest {
  private static final Moment SLOW = Moment.of(1);
  private static final Moment FAST = Moment.of(0.1);

  private static Turn going(int from, int travel, int to) {
    return new Turn(new Trail(from, travel), to, false, false, false);
  }

  @Test
  void leavingAPositionForOneNoteIsBadTheMoreTheFaster() {
    Turn back = going(1, -1, 1);
    double slow = turn(VIOLIN, "staying-put", SLOW, new Trail(1, 1), back);
    assertThat(slow).isPositive();
    assertThat(turn(VIOLIN, "staying-put", FAST, new Trail(1, 1), back)).isGreaterThan(slow);
    double creeping = turn(VIOLIN, "staying-put", SLOW, new Trail(1, -1), back);
    assertThat(creeping).isPositive().isLessThan(slow);
    assertThat(turn(VIOLIN, "staying-put", FAST, new Trail(1, 0), back)).isZero();
  }

  /** From the open bass string the octave splits into three lengths of 175 mm (just ratios). */
  @Test
  void equalTravelCountsOnTheBassOnly() {
    Turn equal = going(2, 180, 2);
    assertThat(turn(BASS, "equal-travel", SLOW, new Trail(2, 180), equal)).isNegative();
    assertThat(turn(BASS, "equal-travel", SLOW, new Trail(2, 150), equal)).isZero();
    assertThat(turn(CELLO, "equal-travel", SLOW, new Trail(2, 180), equal)).isZero();
  }

  @Test
  void halfStepsGlideFromTheLastFingerOfAHandToTheFirstOfTheNext() {
    Moment chromatic = FAST.with(Moment.Sign.CHROMATIC);
    Placement third = way(VIOLIN, "F#5", 7, 2, Finger.THIRD);
    Placement next = way(VIOLIN, "G5", 10, 2, Finger.FIRST);
    assertThat(move(VIOLIN, "chromatic-hand", chromatic, third, next)).isNegative();
    assertThat(move(VIOLIN, "chromatic-hand", chromatic, next, third)).isNegative();
    assertThat(move(VIOLIN, "chromatic-hand", FAST, third, next)).isZero();
    Placement second = way(VIOLIN, "F#5", 7, 2, Finger.SECOND);
    assertThat(move(VIOLIN, "chromatic-hand", chromatic, second, next)).isZero();
  }

  @Test
  void theThumbIsAtHomeFromTheOctaveUp() {
    double high = place(CELLO, "thumb", SLOW, way(CELLO, "A4", 12, 1, Finger.THUMB));
    assertThat(place(CELLO, "thumb", SLOW, way(CELLO, "E4", 7, 1, Finger.THUMB)))
        .isGreaterThan(high);
    assertThat(place(CELLO, "thumb", SLOW, way(CELLO, "B4", 14, 1, Finger.FIRST))).isPositive();
    assertThat(place(CELLO, "thumb", SLOW, way(CELLO, "B3", 2, 1, Finger.FIRST))).isZero();
  }

  @Test
  void crawlingReplacesTheShiftHighOnTheCello() {
    Placement first = way(CELLO, "F#4", 9, 1, Finger.FIRST);
    Placement third =
        way(
            CELLO,
            "A4",
            10,
            p -> p.frame().name().equals("upper") && p.top().finger() == Finger.SECOND);
    assertThat(move(CELLO, "crawl", SLOW, first, third)).isPositive();
    assertThat(move(CELLO, "shift", SLOW, first, third)).isZero();
    Player never = CELLO.withHabits(Habits.USUAL.withCrawl(false));
    assertThat(move(never, "crawl", SLOW, first, third)).isZero();
    assertThat(move(never, "shift", SLOW, first, third)).isPositive();
  }

  @Test
  void aHarmonicLetsTheHandTravelUnheardAndIsEasierToLandOn() {
    Placement stopped = way(VIOLIN, "A5", 7, 2, Finger.FOURTH);
    Placement harmonic =
        way(VIOLIN, "A5", 7, p -> p.onlyTouches() && p.top().finger() == Finger.FOURTH);
    Placement low = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    assertThat(move(VIOLIN, "shift", SLOW, harmonic, low))
        .isLessThan(move(VIOLIN, "shift", SLOW, stopped, low) / 2);
    assertThat(move(VIOLIN, "shift", FAST, low, harmonic))
        .isLessThan(move(VIOLIN, "shift", FAST, low, stopped));
  }

  @Test
  void aLandingThatAnOpenStringChecksIsSurer() {
    Placement first = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement octave = way(VIOLIN, "A5", 10, 2, Finger.SECOND);
    Placement between = way(VIOLIN, "Bb5", 10, 2, Finger.THIRD);
    assertThat(move(VIOLIN, "check", SLOW, first, octave)).isNegative();
    assertThat(move(VIOLIN, "check", SLOW, first, between)).isZero();
  }

  @Test
  void aHalfStepShiftIsCheapInTimeAndDearInHaste() {
    Placement first = way(VIOLIN, "B4", 2, 2, Finger.FIRST);
    Placement second = way(VIOLIN, "C5", 3, 2, Finger.FIRST);
    Placement third = way(VIOLIN, "D5", 5, 2, Finger.FIRST);
    double halfStep = move(VIOLIN, "shift", SLOW, first, second);
    assertThat(halfStep).isLessThan(move(VIOLIN, "shift", SLOW, first, third));
    assertThat(move(VIOLIN, "shift", FAST, first, second)).isGreaterThan(1.5 * halfStep);
  }
}
