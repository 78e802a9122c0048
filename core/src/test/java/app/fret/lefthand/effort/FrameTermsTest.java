package app.fret.lefthand.effort;

import static app.fret.lefthand.effort.Ways.CELLO;
import static app.fret.lefthand.effort.Ways.VIOLIN;
import static app.fret.lefthand.effort.Ways.move;
import static app.fret.lefthand.effort.Ways.place;
import static app.fret.lefthand.effort.Ways.term;
import static app.fret.lefthand.effort.Ways.way;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Habits;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import org.junit.jupiter.api.Test;

/** Terms of the shape of the hand (common practice, no source). */
class FrameTermsTest {
  private static final Moment SLOW = Moment.of(1);
  private static final Moment FAST = Moment.of(0.1);

  @Test
  void openingTheHandCostsLessThanSettingTheThumb() {
    Placement closed = way(CELLO, "B3", 2, p -> p.frame().name().equals("closed"));
    Placement open =
        way(
            CELLO,
            "D#4",
            2,
            p -> p.frame().name().equals("extended-forward") && p.top().string() == 1);
    Placement upper = way(CELLO, "B4", 14, 1, Finger.FIRST);
    Placement thumb = way(CELLO, "B4", 12, 1, Finger.FIRST);
    double opened = move(CELLO, "prepared-frame", SLOW, closed, open);
    assertThat(opened).isPositive();
    assertThat(move(CELLO, "prepared-frame", SLOW, upper, thumb)).isGreaterThan(opened);
    assertThat(move(CELLO, "prepared-frame", SLOW, thumb, thumb)).isZero();
  }

  @Test
  void aThumbFrameIsKeptAcrossStrings() {
    Placement major = way(CELLO, "C#5", 12, p -> p.frame().name().equals("thumb-major"));
    Placement minor = way(CELLO, "F4", 12, p -> p.frame().name().equals("thumb-minor"));
    assertThat(move(CELLO, "prepared-frame", FAST, major, minor)).isPositive();
  }

  @Test
  void theSchoolDecidesBetweenReachingAndMoving() {
    Placement reach =
        way(VIOLIN, "F5", 2, p -> p.top().string() == 2 && p.top().finger() == Finger.FOURTH);
    Placement rest = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Player reaching = VIOLIN.withHabits(Habits.USUAL.withReach(Habits.Reach.REACH));
    Player moving = VIOLIN.withHabits(Habits.USUAL.withReach(Habits.Reach.MOVE));
    assertThat(place(reaching, "reach-school", SLOW, reach)).isNegative();
    assertThat(place(moving, "reach-school", SLOW, reach)).isPositive();
    assertThat(place(VIOLIN, "reach-school", SLOW, reach)).isZero();
    assertThat(place(moving, "reach-school", SLOW, rest)).isZero();
    Placement back = way(CELLO, "Bb3", 1, p -> p.top().string() == 1 && p.hand() == 2);
    assertThat(place(CELLO, "reach-school", FAST, back)).isPositive();
    Placement low = way(VIOLIN, "Bb4", 2, 2, Finger.FIRST);
    assertThat(place(VIOLIN, "reach-school", FAST, low)).as("ordinary first position").isZero();
  }

  @Test
  void aFingerReadyOnTheNextStringIsAGain() {
    Placement onD = way(VIOLIN, "F#4", 2, 3, Finger.SECOND);
    Placement onA = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    assertThat(move(VIOLIN, "placed-ahead", FAST, onD, onA)).isNegative();
    Placement sameFinger = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    assertThat(move(VIOLIN, "placed-ahead", FAST, onD, sameFinger)).isZero();
  }

  @Test
  void fingersInARowThatStandWideApartCost() {
    Placement third = way(CELLO, "F#3", 2, 2, Finger.THIRD);
    Placement reaching = way(CELLO, "G#3", 2, p -> isReaching(p) && p.top().string() == 2);
    Placement second = way(CELLO, "F3", 2, 2, Finger.SECOND);
    assertThat(move(CELLO, "spread", SLOW, second, third)).isZero();
    assertThat(move(CELLO, "spread", SLOW, third, reaching)).isPositive();
    assertThat(move(CELLO, "spread", SLOW, reaching, third))
        .isEqualTo(move(CELLO, "spread", SLOW, third, reaching));
  }

  private static boolean isReaching(Placement placement) {
    return placement.frame().name().equals("closed") && placement.top().finger() == Finger.FOURTH;
  }

  @Test
  void aReachPlayersAreWarnedOfCostsMoreThanItsMillimetres() {
    Placement reach = way(CELLO, "G#4", 7, p -> isReaching(p) && p.top().string() == 1);
    Placement warned = way(CELLO, "A4", 7, p -> isReaching(p) && p.top().semitone() == 12);
    assertThat(place(CELLO, "stretch", SLOW, warned))
        .isGreaterThan(place(CELLO, "stretch", SLOW, reach) + 0.5);
  }

  @Test
  void anOctaveLiesOnFirstAndFourthFinger() {
    double usual = octave(Finger.FIRST, Finger.FOURTH);
    assertThat(octave(Finger.FIRST, Finger.THIRD)).isGreaterThan(usual + 0.3);
    assertThat(octave(Finger.SECOND, Finger.FOURTH)).isGreaterThan(usual + 0.3);
  }

  private static double octave(Finger low, Finger high) {
    int base = low == Finger.SECOND ? 4 : high == Finger.THIRD ? 6 : 5;
    Placement octave =
        way(VIOLIN, "D5+D6", base, p -> p.bottom().finger() == low && p.top().finger() == high);
    return place(VIOLIN, "double-stop", SLOW, octave);
  }

  @Test
  void crookedDoubleStopsCostMoreThanStraightOnes() {
    Placement straight = way(VIOLIN, "E4+C5", 2, p -> p.top().finger() == Finger.SECOND);
    Placement crooked = way(VIOLIN, "F4+B4", 2, p -> p.bottom().finger() == Finger.SECOND);
    assertThat(place(VIOLIN, "double-stop", SLOW, crooked))
        .isGreaterThan(place(VIOLIN, "double-stop", SLOW, straight));
  }

  @Test
  void aThirdOverAnOpenStringThatSoundsBelowItCostsMoreThanOneOnItsOwnStrings() {
    Placement crossed = way(VIOLIN, "A4+C5", 7, p -> p.bottom().isOpen());
    Placement straight = way(VIOLIN, "A4+C5", 3, p -> p.bottom().finger() == Finger.FOURTH);
    assertThat(place(VIOLIN, "double-stop", SLOW, crossed))
        .isGreaterThan(place(VIOLIN, "double-stop", SLOW, straight));
  }

  /** First and fourth on the violin, thumb and third on the cello: common practice, no source. */
  @Test
  void brokenOctavesHaveTheFingersOfTheirFrame() {
    Moment second = FAST.with(Moment.Sign.PAIR_SECOND);
    Placement first = way(VIOLIN, "B4", 2, 2, Finger.FIRST);
    Placement fourth = way(VIOLIN, "B5", 2, 1, Finger.FOURTH);
    assertThat(move(VIOLIN, "broken-pair", second, first, fourth)).isNegative();
    assertThat(move(VIOLIN, "broken-pair", FAST, first, fourth)).isZero();
    Placement open = way(VIOLIN, "A4", 2, 2, Finger.OPEN);
    Placement third = way(VIOLIN, "A5", 2, 1, Finger.THIRD);
    assertThat(move(VIOLIN, "broken-pair", second, open, third)).isPositive();
    MoveTerm pair = term(CELLO, MoveTerm.class, "broken-pair");
    Placement thumb = way(CELLO, "D4", 12, 2, Finger.THUMB);
    Placement overThumb = way(CELLO, "D5", 12, 1, Finger.THIRD);
    assertThat(pair.effort(second, thumb, overThumb)).isNegative();
    assertThat(pair.reason(second, thumb, overThumb)).contains("under one hand");
  }

  @Test
  void drawingTheFirstFingerBackCostsMoreUnderADoubleStop() {
    Placement single =
        way(VIOLIN, "F5", 2, p -> p.top().finger() == Finger.FIRST && p.top().string() == 1);
    Placement third =
        way(
            VIOLIN,
            "D5+F5",
            2,
            p -> p.top().finger() == Finger.FIRST && p.bottom().finger() == Finger.THIRD);
    assertThat(place(VIOLIN, "stretch", SLOW, third))
        .isGreaterThan(place(VIOLIN, "stretch", SLOW, single));
  }
}
