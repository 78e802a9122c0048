package app.fret.lefthand.effort;

import static app.fret.lefthand.effort.Ways.BASS;
import static app.fret.lefthand.effort.Ways.CELLO;
import static app.fret.lefthand.effort.Ways.VIOLIN;
import static app.fret.lefthand.effort.Ways.move;
import static app.fret.lefthand.effort.Ways.way;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import org.junit.jupiter.api.Test;

/**
 * Openings of the thumb frame, slides, and shifts over open strings (common practice, no source).
 */
class OpeningsAndSlidesTest {
  private static final Moment SLOW = Moment.of(1);
  private static final Moment FAST = Moment.of(0.1);

  @Test
  void inALineAThumbFrameOpensLikeAShiftFromNinetyMmOn() {
    Placement thumbLow = way(CELLO, "F4", 8, 1, Finger.THUMB);
    Placement thirdWide = way(CELLO, "Bb4", 8, 1, Finger.THIRD);
    assertThat(move(CELLO, "opening", SLOW, thumbLow, thirdWide)).isPositive();
    assertThat(move(CELLO, "opening", FAST, thirdWide, thumbLow))
        .isGreaterThan(move(CELLO, "opening", SLOW, thirdWide, thumbLow));
    Placement thumb = way(CELLO, "A4", 12, 1, Finger.THUMB);
    Placement third = way(CELLO, "D5", 12, 1, Finger.THIRD);
    assertThat(move(CELLO, "opening", SLOW, thumb, third)).isZero();
  }

  @Test
  void aWideFirstToThirdIsAnOpeningButNotOverAString() {
    Placement first = way(CELLO, "A4", 10, 1, Finger.FIRST);
    Placement third = way(CELLO, "D5", 10, 1, Finger.THIRD);
    assertThat(move(CELLO, "opening", SLOW, first, third)).isPositive();
    Placement thirdAtRest = way(CELLO, "C5", 10, 1, Finger.THIRD);
    assertThat(move(CELLO, "opening", SLOW, first, thirdAtRest)).isZero();
    assertThat(
            move(
                BASS,
                "opening",
                SLOW,
                way(BASS, "G3", 12, 1, Finger.THUMB),
                way(BASS, "C4", 12, 1, Finger.THIRD)))
        .isZero();
  }

  @Test
  void aSlideOfAFewMmToANoteUnderTheHandCosts() {
    Placement third = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement slidUp = way(VIOLIN, "E5", 3, 2, Finger.FOURTH);
    Placement far = way(VIOLIN, "E5", 7, 2, Finger.FIRST);
    Placement beyond = way(VIOLIN, "F5", 3, 2, Finger.FOURTH);
    assertThat(move(VIOLIN, "short-slide", SLOW, third, slidUp)).isPositive();
    assertThat(move(VIOLIN, "short-slide", SLOW, third, far)).isZero();
    assertThat(move(VIOLIN, "short-slide", SLOW, third, beyond)).isZero();
    assertThat(move(VIOLIN, "short-slide", SLOW.withSilence(1), third, slidUp)).isZero();
  }

  @Test
  void aShortOpenStringCoversAShiftInPartOnly() {
    Placement open = way(VIOLIN, "A4", p -> p.top().isOpen() && p.hand() == 2);
    Placement first = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    Placement landing = way(VIOLIN, "D5", 5, 2, Finger.FIRST);
    double coveredSlow =
        move(VIOLIN, "shift", SLOW, open, landing) / move(VIOLIN, "shift", SLOW, first, landing);
    double coveredFast =
        move(VIOLIN, "shift", FAST, open, landing) / move(VIOLIN, "shift", FAST, first, landing);
    assertThat(coveredSlow).isLessThan(0.5);
    assertThat(coveredFast).isBetween(coveredSlow + 0.1, 1.0);
  }

  @Test
  void aCellistOpensFromTheFirstFingerByCustomButNotOverAFourth() {
    Placement first = way(CELLO, "C4", 3, 1, Finger.FIRST);
    Placement third = way(CELLO, "E4", 3, 1, Finger.FOURTH);
    Placement fourth = way(CELLO, "F4", 3, 1, Finger.FOURTH);
    assertThat(move(CELLO, "spread", SLOW, first, third)).isZero();
    assertThat(move(CELLO, "spread", SLOW, first, fourth)).isPositive();
  }

  @Test
  void doubleStopsInARowCarryTheirPairAlong() {
    Placement low = way(CELLO, "G3+B3", p -> pair(p, 2, Finger.FOURTH));
    Placement high = way(CELLO, "A3+C4", p -> pair(p, 3, Finger.FOURTH));
    assertThat(move(CELLO, "same-finger", FAST, low, high)).isZero();
    Placement single = way(CELLO, "B3", 2, 1, Finger.FIRST);
    assertThat(move(CELLO, "same-finger", FAST, single, high)).isPositive();
  }

  private static boolean pair(Placement at, int hand, Finger lower) {
    return at.hand() == hand && at.bottom().finger() == lower && at.top().string() == 1;
  }

  @Test
  void onViolinADiatonicHalfStepOnOneFingerCostsMoreThanAChromaticOne() {
    Placement low = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    Placement high = way(VIOLIN, "C#5", 2, 2, Finger.SECOND);
    double diatonic = move(VIOLIN, "same-finger", SLOW, low, high);
    double chromatic = move(VIOLIN, "same-finger", SLOW.with(Moment.Sign.SAME_LETTER), low, high);
    assertThat(diatonic).isGreaterThan(2 * chromatic);
    assertThat(chromatic).isPositive();
  }
}
