package app.fret.lefthand.effort;

import static app.fret.lefthand.effort.Ways.BASS;
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
import app.fret.lefthand.moment.Moment.Sign;
import app.fret.score.Finger;
import app.fret.score.WrittenPitch;
import org.junit.jupiter.api.Test;

/** Rules of the trade, each by the term that says it (common practice, no source). */
class TradeRulesTest {
  private static final Moment SLOW = Moment.of(1);
  private static final Moment FAST = Moment.of(0.12);

  @Test
  void aNoteOffTheStringOfAWordCostsMoreThanOneOffThePedalFigure() {
    Placement onA = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    Moment pedal = SLOW.withOwnString(3).with(Sign.PEDAL);
    Moment word = SLOW.withOwnString(3).with(Sign.BOUND);
    assertThat(place(VIOLIN, "own-string", SLOW, onA)).isZero();
    assertThat(place(VIOLIN, "own-string", SLOW.withOwnString(2), onA)).isZero();
    double offThePedal = place(VIOLIN, "own-string", pedal, onA);
    assertThat(offThePedal).isPositive();
    assertThat(place(VIOLIN, "own-string", word, onA)).isGreaterThan(2 * offThePedal);
  }

  @Test
  void insideAPedalFigureRockingIsCheapAndNothingSticksOut() {
    Placement onD = way(VIOLIN, "G4", 2, 3, Finger.THIRD);
    Placement onA = way(VIOLIN, "B4", 2, 2, Finger.FIRST);
    double plain = move(VIOLIN, "string-crossing", FAST, onD, onA);
    assertThat(move(VIOLIN, "string-crossing", FAST.with(Sign.PEDAL), onD, onA))
        .isPositive()
        .isLessThan(plain / 2);
    Moment slurred = SLOW.with(Sign.SLURRED);
    assertThat(move(VIOLIN, "colour", slurred, onD, onA)).isPositive();
    assertThat(
            term(VIOLIN, MoveTerm.class, "colour").canSpeak(slurred.with(Sign.PEDAL), false, true))
        .isFalse();
    Placement open = way(VIOLIN, "A4", p -> p.top().isOpen());
    assertThat(place(VIOLIN, "open-string", SLOW, open)).isPositive();
    assertThat(place(VIOLIN, "open-string", SLOW.with(Sign.PEDAL), open)).isZero();
  }

  @Test
  void offTheStringTheBowCrossesAtLess() {
    Placement onD = way(VIOLIN, "F4", 2, 3, Finger.SECOND);
    Placement onA = way(VIOLIN, "B4", 2, 2, Finger.FIRST);
    assertThat(move(VIOLIN, "string-crossing", FAST.with(Sign.SHORT), onD, onA))
        .isLessThan(move(VIOLIN, "string-crossing", FAST, onD, onA));
  }

  @Test
  void aSlurOverASkippedStringIsDear() {
    Placement onG = way(VIOLIN, "B3", 2, 4, Finger.SECOND);
    Placement onD = way(VIOLIN, "F4", 2, 3, Finger.SECOND);
    Placement onA = way(VIOLIN, "B4", 2, 2, Finger.FIRST);
    Moment slurred = FAST.with(Sign.SLURRED);
    double skipped =
        move(VIOLIN, "string-crossing", slurred, onG, onA)
            - move(VIOLIN, "string-crossing", FAST, onG, onA);
    double next =
        move(VIOLIN, "string-crossing", slurred, onG, onD)
            - move(VIOLIN, "string-crossing", FAST, onG, onD);
    assertThat(skipped).isGreaterThan(next);
  }

  @Test
  void toRiseOntoALowerStringCostsTheMoreTheWiderTheInterval() {
    Placement c = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    double step = move(VIOLIN, "string-crossing", FAST, c, way(VIOLIN, "D5", 12, 3, Finger.FIRST));
    double sixth = move(VIOLIN, "string-crossing", FAST, c, way(VIOLIN, "A5", 19, 3, Finger.FIRST));
    double onwards =
        move(VIOLIN, "string-crossing", FAST, c, way(VIOLIN, "A5", 2, 1, Finger.THIRD));
    assertThat(step).isGreaterThan(onwards);
    assertThat(sixth).isGreaterThan(step);
  }

  @Test
  void aFallToAnOpenUpperStringIsNoWorseForBeingWide() {
    Placement high = way(VIOLIN, "A5", p -> p.top().string() == 3 && p.top().isPressed());
    Placement open = way(VIOLIN, "A4", 2, p -> p.top().isOpen());
    Placement stopped = way(VIOLIN, "B4", 2, p -> p.top().string() == 2);
    assertThat(move(VIOLIN, "string-crossing", FAST, high, open))
        .isLessThan(move(VIOLIN, "string-crossing", FAST, high, stopped));
  }

  @Test
  void theThumbLetsTheTwoUpperStringsSpeakAndNoOther() {
    Placement upper = way(CELLO, "F4", 12, p -> p.top().string() == 2 && p.inThumbPosition());
    Placement lower = way(CELLO, "Bb3", 12, p -> p.top().string() == 3 && p.inThumbPosition());
    Placement neck = way(CELLO, "Bb3", 12, p -> p.top().string() == 3 && !p.inThumbPosition());
    assertThat(place(CELLO, "response", SLOW, lower))
        .isEqualTo(place(CELLO, "response", SLOW, neck));
    assertThat(place(CELLO, "response", SLOW, upper))
        .isLessThan(place(CELLO, "response", SLOW, lower) / 4);
  }

  @Test
  void inTheOlderSchoolAFingerSlidesWithinItsLetterOnly() {
    Player older = VIOLIN.withHabits(Habits.USUAL.withHalfSteps(Habits.HalfSteps.SLIDES));
    Placement low = way(older, "F4", 2, 3, Finger.SECOND);
    Placement high = way(older, "F#4", 2, 3, Finger.SECOND);
    Moment run = FAST.with(Sign.CHROMATIC);
    double usual = move(VIOLIN, "same-finger", run, low, high);
    assertThat(move(older, "same-finger", run.with(Sign.SAME_LETTER), low, high)).isEqualTo(usual);
    assertThat(move(older, "same-finger", run, low, high)).isGreaterThan(usual);
  }

  @Test
  void aHalfStepOfTwoLettersCostsOneFingerMoreThanAChromaticOne() {
    Placement low = way(VIOLIN, "Bb4", 2, 2, Finger.FIRST);
    Placement high = way(VIOLIN, "B4", 2, 2, Finger.FIRST);
    double diatonic = move(VIOLIN, "same-finger", FAST, low, high);
    assertThat(move(VIOLIN, "same-finger", FAST.with(Sign.SAME_LETTER), low, high))
        .isLessThan(diatonic);
    assertThat(move(VIOLIN, "same-finger", FAST.with(Sign.CHROMATIC), low, high))
        .isLessThan(diatonic);
  }

  @Test
  void aHandThatCarriesOneFingerAStepPaysMoreOnUpperFingers() {
    Placement first = way(VIOLIN, "B4", 2, 2, Finger.FIRST);
    Placement firstNext = way(VIOLIN, "C#5", 4, 2, Finger.FIRST);
    Placement fourth = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    Placement fourthNext = way(VIOLIN, "F#5", 4, 2, Finger.FOURTH);
    double low = move(VIOLIN, "same-finger", FAST, first, firstNext);
    assertThat(low).isPositive();
    assertThat(move(VIOLIN, "same-finger", FAST, fourth, fourthNext)).isGreaterThan(low);
    assertThat(move(VIOLIN, "same-finger", SLOW, first, firstNext))
        .as("a slow half step on purpose")
        .isZero();
  }

  @Test
  void onTheCelloAFingerDoesNotSlideInsideTheFrame() {
    Placement drawnBack =
        way(CELLO, "Bb3", p -> p.top().string() == 1 && p.top().finger() == Finger.FIRST);
    Placement back =
        way(
            CELLO,
            "B3",
            p ->
                p.top().string() == 1
                    && p.top().finger() == Finger.FIRST
                    && p.hand() == drawnBack.hand() + 1);
    Placement lowFirst = way(VIOLIN, "Bb4", 2, 2, Finger.FIRST);
    Placement highFirst = way(VIOLIN, "B4", 2, 2, Finger.FIRST);
    assertThat(move(CELLO, "same-finger", FAST, drawnBack, back)).isPositive();
    assertThat(move(VIOLIN, "same-finger", FAST, lowFirst, highFirst)).isPositive();
  }

  @Test
  void aPositionIsPaidOnEnteringAndNotForStaying() {
    Placement home = way(VIOLIN, "B4", 2, 2, Finger.FIRST);
    Placement third = way(VIOLIN, "D5", 5, 2, Finger.FIRST);
    Placement second = way(VIOLIN, "C#5", 4, 2, Finger.FIRST);
    Placement thirdStill = way(VIOLIN, "E5", 5, 2, Finger.SECOND);
    double entered = move(VIOLIN, "entering", SLOW, home, third);
    assertThat(entered).isPositive();
    assertThat(move(VIOLIN, "entering", SLOW, third, thirdStill)).isZero();
    assertThat(move(VIOLIN, "entering", SLOW, third, home)).as("coming back").isZero();
    assertThat(move(VIOLIN, "entering", SLOW, home, second))
        .as("lower, but between the landmarks")
        .isGreaterThan(entered);
    assertThat(place(VIOLIN, "high-position", SLOW, third)).isZero();
    assertThat(place(VIOLIN, "high-position", SLOW.with(Sign.FIRST), third)).isPositive();
  }

  @Test
  void aShiftOffTheBeatIsDearerTheFasterTheNotes() {
    Placement home = way(VIOLIN, "B4", 2, 2, Finger.FIRST);
    Placement third = way(VIOLIN, "E5", 5, 2, Finger.SECOND);
    double slow =
        move(VIOLIN, "shift-kind", SLOW, home, third)
            - move(VIOLIN, "shift-kind", SLOW.with(Sign.BEAT_START), home, third);
    double fast =
        move(VIOLIN, "shift-kind", FAST, home, third)
            - move(VIOLIN, "shift-kind", FAST.with(Sign.BEAT_START), home, third);
    assertThat(slow).isPositive();
    assertThat(fast).isGreaterThan(slow);
  }

  @Test
  void onTheBassTheFourthFingerGrowsDearFromNineAndSteepFromEleven() {
    double eight = place(BASS, "high-fourth", SLOW, way(BASS, "D#3", 6, 1, Finger.FOURTH));
    double nine = place(BASS, "high-fourth", SLOW, way(BASS, "E3", 7, 1, Finger.FOURTH));
    double ten = place(BASS, "high-fourth", SLOW, way(BASS, "F3", 8, 1, Finger.FOURTH));
    double eleven = place(BASS, "high-fourth", SLOW, way(BASS, "F#3", 9, 1, Finger.FOURTH));
    assertThat(eight).isZero();
    assertThat(nine).isPositive();
    assertThat(eleven - ten).isGreaterThan(3 * (ten - nine));
    assertThat(way(BASS, "F#3", 9, 1, Finger.THIRD)).as("3 is offered at eleven").isNotNull();
    assertThat(place(VIOLIN, "high-fourth", SLOW, way(VIOLIN, "E6", 7, 1, Finger.FOURTH))).isZero();
  }

  @Test
  void octavesInARowKeepTheirFingersAndTakeNoOpenString() {
    Placement one = octave(VIOLIN, "B4+B5", 2, Finger.FIRST);
    Placement next = octave(VIOLIN, "C5+C6", 3, Finger.FIRST);
    Placement open = way(VIOLIN, "A4+A5", p -> p.bottom().isOpen() && p.top().isPressed());
    assertThat(move(VIOLIN, "pair-kept", SLOW, one, next)).isZero();
    assertThat(move(VIOLIN, "pair-kept", SLOW, one, open)).isGreaterThan(0.5);
  }

  private static Placement octave(Player player, String notes, int base, Finger low) {
    return way(
        player,
        notes,
        p ->
            p.base() == base
                && p.bottom().finger() == low
                && p.top().finger() == Finger.FOURTH
                && p.top().isPressed());
  }

  @Test
  void thirdsInARowStayOnTheirTwoStrings() {
    Placement onTop = way(VIOLIN, "F5+A5", p -> p.top().string() == 1 && p.bottom().string() == 2);
    Placement same = way(VIOLIN, "G5+B5", p -> p.top().string() == 1 && p.bottom().string() == 2);
    Placement lower = way(VIOLIN, "E5+G5", p -> p.top().string() == 2 && p.bottom().string() == 3);
    assertThat(move(VIOLIN, "pair-kept", SLOW, onTop, same)).isZero();
    assertThat(move(VIOLIN, "pair-kept", SLOW, onTop, lower)).isPositive();
  }

  @Test
  void aNoteOfTheKeyHoldsOnToTheFingerOfItsLetterMoreThanAnAlteredOne() {
    Moment note = Moment.of(0.3, WrittenPitch.parse("B#4"));
    Placement second = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    assertThat(place(VIOLIN, "letter-name", note, second))
        .isGreaterThan(place(VIOLIN, "letter-name", note.with(Sign.ALTERED), second));
  }

  @Test
  void noHarmonicUnderTheFirstFingerUnlessItIsAskedFor() {
    Placement first =
        way(VIOLIN, "A5", p -> p.top().isHarmonic() && p.top().finger() == Finger.FIRST);
    Placement fourth =
        way(VIOLIN, "A5", p -> p.top().isHarmonic() && p.top().finger() == Finger.FOURTH);
    double unasked =
        place(VIOLIN, "harmonic", SLOW, first) - place(VIOLIN, "harmonic", SLOW, fourth);
    Moment asked = SLOW.with(Sign.HARMONIC);
    double wanted =
        place(VIOLIN, "harmonic", asked, first) - place(VIOLIN, "harmonic", asked, fourth);
    assertThat(unasked).isGreaterThan(wanted + 0.3);
  }

  @Test
  void aFingerForEachHalfStepMayDrawTheHandIn() {
    Placement drawnIn = way(VIOLIN, "B4", 1, 2, Finger.SECOND);
    Placement third = way(VIOLIN, "C5", 1, 2, Finger.THIRD);
    assertThat(place(VIOLIN, "stretch", FAST, third)).isPositive();
    assertThat(place(VIOLIN, "stretch", FAST.with(Sign.CHROMATIC), third))
        .isLessThan(place(VIOLIN, "stretch", FAST, third));
    assertThat(place(VIOLIN, "stretch", FAST, drawnIn)).isZero();
  }
}
