package app.fret.lefthand.effort;

import static app.fret.lefthand.effort.Ways.BASS;
import static app.fret.lefthand.effort.Ways.CELLO;
import static app.fret.lefthand.effort.Ways.VIOLIN;
import static app.fret.lefthand.effort.Ways.move;
import static app.fret.lefthand.effort.Ways.place;
import static app.fret.lefthand.effort.Ways.term;
import static app.fret.lefthand.effort.Ways.turn;
import static app.fret.lefthand.effort.Ways.way;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Habits;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.finger.SequenceTerm;
import app.fret.lefthand.effort.term.EffortTerm;
import app.fret.lefthand.effort.term.FigureTerm;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Terms about colour, the shape of the hand, and going away and coming back. */
class ColourAndHandTermsTest {
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

  @Test
  void hoppingToAStringForOneNoteCostsMostOverAString() {
    double beside = turn(VIOLIN, "string-hop", FAST, new Trail(2, 0), going(3, 0, 2));
    assertThat(beside).isPositive();
    assertThat(turn(VIOLIN, "string-hop", FAST, new Trail(2, 0), going(4, 0, 2)))
        .isGreaterThan(beside);
    assertThat(turn(VIOLIN, "string-hop", FAST, new Trail(2, 0), going(3, 0, 4))).isZero();
  }

  @Test
  void aLoneTopStringNoteSticksOutMostInPiano() {
    Turn back = going(1, 0, 2);
    double loud = turn(VIOLIN, "lone-note", SLOW, new Trail(2, 0), back);
    assertThat(loud).isPositive();
    assertThat(turn(VIOLIN, "lone-note", SLOW.withLoudness(3), new Trail(2, 0), back))
        .isGreaterThan(loud);
    assertThat(turn(VIOLIN, "lone-note", SLOW, new Trail(3, 0), going(2, 0, 3))).isZero();
    Turn overOpen = new Turn(new Trail(2, 0), 3, true, false, false);
    assertThat(turn(VIOLIN, "lone-note", SLOW, new Trail(3, 0), overOpen)).isPositive();
  }

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

  /** From the open bass string the octave splits into three lengths of 175 mm (just ratios). */
  @Test
  void equalTravelCountsOnTheBassOnly() {
    Turn equal = going(2, 180, 2);
    assertThat(turn(BASS, "equal-travel", SLOW, new Trail(2, 180), equal)).isNegative();
    assertThat(turn(BASS, "equal-travel", SLOW, new Trail(2, 150), equal)).isZero();
    assertThat(turn(CELLO, "equal-travel", SLOW, new Trail(2, 180), equal)).isZero();
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
  void theClimaxSingsOnAStrongFinger() {
    Moment climax = SLOW.with(Moment.Sign.CLIMAX);
    Placement third = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement fourth = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    assertThat(place(VIOLIN, "climax", climax, fourth)).isPositive();
    assertThat(place(VIOLIN, "climax", climax, third)).isZero();
    assertThat(place(VIOLIN, "climax", SLOW, fourth)).isZero();
  }

  @Test
  void changingTheStringInASlurChangesTheColour() {
    Placement onA = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement onE = way(VIOLIN, "F#5", 2, 1, Finger.FIRST);
    Moment slurred = SLOW.with(Moment.Sign.SLURRED);
    double inPhrase = move(VIOLIN, "colour", SLOW, onA, onE);
    assertThat(inPhrase).isPositive();
    assertThat(move(VIOLIN, "colour", slurred, onA, onE)).isGreaterThan(inPhrase);
    assertThat(move(VIOLIN, "colour", SLOW.withSilence(1), onA, onE)).isZero();
    assertThat(move(VIOLIN, "colour", FAST, onA, onE)).isZero();
  }

  @Test
  void loudFastMusicSpeaksBestOnTheUpperString() {
    Placement onE = way(VIOLIN, "A5", 2, 1, Finger.THIRD);
    Placement onA = way(VIOLIN, "A5", 9, 2, Finger.SECOND);
    Moment loud = FAST.withLoudness(8);
    assertThat(place(VIOLIN, "response", loud, onE)).isZero();
    assertThat(place(VIOLIN, "response", loud, onA))
        .isGreaterThan(place(VIOLIN, "response", SLOW, onA));
  }

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
  void loudNotesOnInnerStringsCatchTheirNeighbours() {
    Moment loud = SLOW.withLoudness(8);
    Placement inner = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    assertThat(place(VIOLIN, "neighbours", loud, inner)).isPositive();
    assertThat(place(VIOLIN, "neighbours", SLOW, inner)).isZero();
    assertThat(place(VIOLIN, "neighbours", loud, way(VIOLIN, "A5", 2, 1, Finger.THIRD))).isZero();
  }

  @Test
  void pluckedNotesLikeLongStrings() {
    Moment plucked = SLOW.with(Moment.Sign.PLUCKED);
    Placement high = way(VIOLIN, "C6", 5, 1, Finger.THIRD);
    assertThat(place(VIOLIN, "plucked", plucked, high)).isPositive();
    assertThat(place(VIOLIN, "plucked", SLOW, high)).isZero();
    Placement chord = way(VIOLIN, "C4+A4+F5", 2, p -> p.pressed() == 3);
    assertThat(place(VIOLIN, "plucked", plucked, chord)).isGreaterThan(0.3);
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
  void harmonicsAreTakenWhereThePartAsks() {
    Placement harmonic = way(VIOLIN, "A5", 7, Placement::onlyTouches);
    double unasked = place(VIOLIN, "harmonic", SLOW, harmonic);
    assertThat(unasked).isGreaterThan(0.3);
    assertThat(place(VIOLIN, "harmonic", SLOW.with(Moment.Sign.HARMONIC), harmonic))
        .isLessThan(0.15);
    assertThat(place(VIOLIN, "harmonic", SLOW, way(VIOLIN, "A5", 2, 1, Finger.THIRD))).isZero();
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
  void aSkippedStringCostsMostWhereTheIntervalLiesNearer() {
    Placement low = way(VIOLIN, "B4", 5, 3, Finger.THIRD);
    Placement octave = way(VIOLIN, "B5", 5, 1, Finger.SECOND);
    Placement wide = way(VIOLIN, "D6", 5, 1, Finger.FOURTH);
    assertThat(move(VIOLIN, "string-crossing", SLOW, low, octave))
        .isGreaterThan(move(VIOLIN, "string-crossing", SLOW, low, wide) + 0.2);
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
  void figuresThatComeBackTakeTheSameFingers() {
    SequenceTerm term = (SequenceTerm) term(VIOLIN, FigureTerm.class, "sequence");
    Placement second = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    Placement first = way(VIOLIN, "C5", 3, 2, Finger.FIRST);
    Placement onD = way(VIOLIN, "C5", 7, 3, Finger.SECOND);
    assertThat(term.effort(second, second, true)).isZero();
    assertThat(term.effort(first, second, true)).isPositive();
    assertThat(term.effort(onD, second, true)).isPositive();
    assertThat(term.effort(onD, second, false)).as("only repeats keep the string").isZero();
  }

  @Test
  void printedFingersCountEachSignNotKept() {
    Placement second = way(VIOLIN, "C5", 2, 2, Finger.SECOND);
    Moment.Printed print = new Moment.Printed(Optional.of(Finger.FIRST), OptionalInt.of(3));
    Moment moment =
        new Moment(
            1,
            1,
            0,
            6,
            Moment.Signs.NONE,
            List.of(WrittenPitch.parse("C5")),
            List.of(print),
            0,
            0,
            0);
    assertThat(place(VIOLIN, "printed", moment, second)).isEqualTo(2);
    assertThat(place(VIOLIN, "printed", SLOW, second)).isZero();
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
  void theFourthFingerIsBackedOnTheBass() {
    Placement fourth = way(BASS, "C2", 1, 3, Finger.FOURTH);
    assertThat(place(BASS, "finger-strength", SLOW, fourth)).isZero();
    Placement onViolin = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    assertThat(place(VIOLIN, "finger-strength", SLOW, onViolin)).isPositive();
  }

  @ParameterizedTest
  @ValueSource(strings = {"violin", "viola", "cello", "bass"})
  void noTermIsSilentAboutWhatItSaysItCannotSpeakOf(String instrument) {
    Player player = Player.of("", Instruments.named(instrument));
    int low = player.instrument().open(1).midi();
    Placements placements = new Placements(player);
    List<Placement> from = placements.of(List.of(new SoundingPitch(low + 3)));
    List<Placement> to = placements.of(List.of(new SoundingPitch(low + 5)));
    Moment moment = FAST.with(Moment.Sign.SLURRED);
    for (EffortTerm term : EffortTerms.of(player)) {
      if (term instanceof MoveTerm move) {
        for (Placement one : from) {
          for (Placement other : to) {
            boolean travels = one.hand() != other.hand();
            boolean crosses = one.top().string() != other.top().string();
            if (!move.canSpeak(moment, travels, crosses)) {
              assertThat(move.effort(moment, one, other)).as(term.name()).isZero();
            }
          }
        }
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"secure", "even-colour", "singing", "brilliant", "still-hand", "as-printed"})
  void everyProfileWeighsTermsThereAre(String name) {
    Profile profile = Profiles.named(name);
    List<String> names = EffortTerms.of(VIOLIN).stream().map(EffortTerm::name).toList();
    assertThat(names).containsAll(profile.weights().keySet());
    assertThat(profile.label()).isNotBlank().doesNotContain("-");
  }

  @Test
  void anUpperStringIsBrighterThanALowerOne() {
    Placement upper = way(VIOLIN, "E5", 2, 2, Finger.FOURTH);
    Placement lower = way(VIOLIN, "E5", 9, 3, Finger.FOURTH);
    assertThat(place(VIOLIN, "brightness", SLOW, upper))
        .isLessThan(place(VIOLIN, "brightness", SLOW, lower));
    assertThat(place(VIOLIN, "brightness", SLOW, way(VIOLIN, "A5", 2, 1, Finger.THIRD))).isZero();
  }

  @Test
  void anOpenStringRingsInHasteAndInALoudPlaceOnly() {
    Placement open = way(VIOLIN, "A4", 2, 2, Finger.OPEN);
    assertThat(place(VIOLIN, "open-ring", SLOW, open)).isZero();
    assertThat(place(VIOLIN, "open-ring", FAST, open)).isNegative();
    assertThat(place(VIOLIN, "open-ring", SLOW.withLoudness(8), open)).isNegative();
    assertThat(place(VIOLIN, "open-ring", FAST, way(VIOLIN, "A4", 2, 3, Finger.FOURTH))).isZero();
  }

  @Test
  void aHarmonicNobodyAskedForIsLessSureInHaste() {
    Placement harmonic =
        way(VIOLIN, "A5", 7, p -> p.onlyTouches() && p.top().finger() == Finger.FOURTH);
    Moment asked = FAST.with(Moment.Sign.HARMONIC);
    assertThat(place(VIOLIN, "harmonic", FAST, harmonic))
        .isGreaterThan(place(VIOLIN, "harmonic", Moment.of(0.4), harmonic));
    assertThat(place(VIOLIN, "harmonic", asked, harmonic))
        .isLessThan(place(VIOLIN, "harmonic", FAST, harmonic));
  }

  @Test
  void aWideIntervalCrossesToTheNextStringMoreEasilyThanAStep() {
    Placement low = way(VIOLIN, "D5", 2, 2, Finger.THIRD);
    Placement step = way(VIOLIN, "F5", 2, 1, Finger.FIRST);
    Placement fifth = way(VIOLIN, "A5", 2, 1, Finger.THIRD);
    assertThat(move(VIOLIN, "string-crossing", FAST, low, fifth))
        .isLessThan(move(VIOLIN, "string-crossing", FAST, low, step));
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
