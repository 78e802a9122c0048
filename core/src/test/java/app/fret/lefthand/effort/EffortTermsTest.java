package app.fret.lefthand.effort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.effort.shift.Fitts;
import app.fret.lefthand.effort.term.EffortTerm;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class EffortTermsTest {
  private static final Player PLAYER = Player.of("", Instruments.named("violin"));

  private static Moment moment(double seconds, boolean slurred) {
    Moment plain = Moment.of(seconds, pitch("D5"));
    return slurred ? plain.with(Moment.Sign.SLURRED).with(Moment.Sign.IN_SLUR) : plain;
  }

  private static WrittenPitch pitch(String name) {
    return WrittenPitch.parse(name);
  }

  private static List<Placement> all(String name) {
    return new Placements(PLAYER).of(List.of(new SoundingPitch(pitch(name).semitone())));
  }

  private static Placement way(String name, int base, int string, Finger finger) {
    return all(name).stream()
        .filter(p -> p.base() == base)
        .filter(p -> p.top().string() == string && p.top().finger() == finger)
        .findFirst()
        .orElseThrow();
  }

  private static double place(String term, Moment moment, Placement at) {
    return ((PlaceTerm) named(term)).effort(moment, at);
  }

  private static double move(String term, Moment moment, Placement from, Placement to) {
    return ((MoveTerm) named(term)).effort(moment, from, to);
  }

  private static EffortTerm named(String name) {
    return EffortTerms.of(PLAYER).stream()
        .filter(t -> t.name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  static Stream<EffortTerm> terms() {
    return EffortTerms.of(PLAYER).stream();
  }

  @ParameterizedTest
  @MethodSource("terms")
  void everyTermIsFiniteAndGivesAReasonWhereItSpeaks(EffortTerm term) {
    assertThat(term.header().unit()).isNotBlank();
    assertThat(term.header().inShort()).isNotBlank().doesNotEndWith(".");
    List<Moment> moments = new ArrayList<>();
    for (double seconds : new double[] {0.001, 0.08, 0.5, 30}) {
      moments.add(moment(seconds, false));
      moments.add(moment(seconds, true));
    }
    for (Moment moment : moments) {
      for (Placement to : all("D5")) {
        if (term instanceof PlaceTerm place) {
          assertThat(place.effort(moment, to)).isFinite();
          if (place.effort(moment, to) != 0) {
            assertThat(place.reason(moment, to)).isNotBlank().endsWith(".");
          }
        } else if (term instanceof MoveTerm move) {
          for (Placement from : all("E5")) {
            assertThat(move.effort(moment, from, to)).isFinite();
            if (move.effort(moment, from, to) != 0) {
              assertThat(move.reason(moment, from, to)).isNotBlank().endsWith(".");
            }
          }
        }
      }
    }
  }

  @Test
  void namesAreKeysOfTheirOwn() {
    assertThat(terms().map(EffortTerm::name)).doesNotHaveDuplicates();
    assertThat(Profiles.named("secure").weights().keySet())
        .isSubsetOf(terms().map(EffortTerm::name).toList());
  }

  /** Source: Fitts 1954 in MacKenzie's form: violin 4.12 bits, cello 4.91 bits. */
  @Test
  void bitsOfAShiftFollowFitts() {
    StringGeometry violin = new StringGeometry(328);
    assertThat(Fitts.bits(violin, violin.spanMm(2, 5), 5)).isCloseTo(4.12, within(0.005));
    StringGeometry cello = new StringGeometry(690);
    assertThat(Fitts.bits(cello, cello.spanMm(2, 7), 7)).isCloseTo(4.91, within(0.005));
    assertThat(Fitts.bits(violin, 0, 5)).isZero();
  }

  @Test
  void aFasterOrLongerShiftCostsMore() {
    Placement first = way("D5", 2, 2, Finger.THIRD);
    Placement third = way("D5", 5, 2, Finger.FIRST);
    Placement fifth = way("G5", 10, 2, Finger.FIRST);
    assertThat(move("shift", moment(0.1, false), first, third))
        .isGreaterThan(move("shift", moment(1, false), first, third));
    assertThat(move("shift", moment(0.2, false), first, fifth))
        .isGreaterThan(move("shift", moment(0.2, false), first, third));
    assertThat(move("shift", moment(0.1, false), first, first)).isZero();
  }

  @Test
  void anOpenStringARestOrARepeatedNoteMakesTheShiftEasier() {
    Placement first = way("D5", 2, 2, Finger.THIRD);
    Placement third = way("F5", 5, 2, Finger.THIRD);
    Placement waiting =
        all("E5").stream().filter(p -> !p.usesHand() && p.base() == 2).findFirst().orElseThrow();
    Moment plain = moment(0.2, false);
    double heard = move("shift", plain, first, third);
    assertThat(move("shift", plain, waiting, third)).isLessThan(heard / 2);
    Moment afterRest = plain.withSilence(0.3);
    assertThat(move("shift", afterRest, first, third)).isLessThan(heard / 2);
    Moment repeated = plain.with(Moment.Sign.REPEATED);
    assertThat(move("shift", repeated, first, third)).isLessThan(heard);
  }

  @Test
  void crossingCostsMoreInHasteInASlurAndOverAString() {
    Placement onA = way("D5", 2, 2, Finger.THIRD);
    Placement onE = way("F#5", 2, 1, Finger.FIRST);
    Placement onD = way("F#4", 2, 3, Finger.SECOND);
    double slow = move("string-crossing", moment(1, false), onA, onE);
    assertThat(slow).isPositive();
    assertThat(move("string-crossing", moment(0.1, false), onA, onE)).isGreaterThan(slow);
    assertThat(move("string-crossing", moment(1, true), onA, onE)).isGreaterThan(slow);
    assertThat(move("string-crossing", moment(1, false), onD, onE)).isGreaterThan(1.5 * slow);
    assertThat(move("string-crossing", moment(1, false), onA, onA)).isZero();
  }

  @Test
  void openStringsAreGoodInHasteAndBadOnLongNotes() {
    Placement open = all("A4").stream().filter(p -> !p.usesHand()).findFirst().orElseThrow();
    assertThat(place("open-ring", moment(0.1, false), open)).isNegative();
    assertThat(place("open-string", moment(1.5, false), open)).isPositive();
    assertThat(place("open-string", moment(1.5, false), way("A4", 2, 3, Finger.FOURTH))).isZero();
  }

  @Test
  void theTopOpenStringIsUnwantedInPiano() {
    Placement open = all("E5").stream().filter(p -> !p.usesHand()).findFirst().orElseThrow();
    Moment loud = moment(0.3, false);
    Moment soft = loud.withLoudness(4);
    assertThat(place("open-string", soft, open)).isGreaterThan(place("open-string", loud, open));
  }

  @Test
  void highPositionsCostMoreOnLowerStrings() {
    Moment moment = moment(0.5, false);
    double low = place("response", moment, way("D5", 2, 2, Finger.THIRD));
    double high = place("response", moment, way("D5", 9, 3, Finger.THIRD));
    assertThat(low).isZero();
    assertThat(high).isPositive();
  }

  @Test
  void longNotesAreKeptOffTheFourthFinger() {
    Placement fourth = way("E5", 2, 2, Finger.FOURTH);
    double brief = place("finger-strength", moment(0.2, false), fourth);
    assertThat(place("finger-strength", moment(2, false), fourth)).isGreaterThan(2 * brief);
    assertThat(place("finger-strength", moment(2, false), way("D5", 2, 2, Finger.THIRD))).isZero();
  }

  @Test
  void aRaisedNoteKeepsItsFingerAndALoweredOneTakesTheNext() {
    Moment sharp = withPitch("C#5");
    Moment flat = withPitch("Db5");
    Placement second = way("C#5", 2, 2, Finger.SECOND);
    assertThat(place("letter-name", sharp, second)).isZero();
    assertThat(place("letter-name", flat, second)).isPositive();
  }

  private static Moment withPitch(String name) {
    return Moment.of(0.3, pitch(name));
  }

  @Test
  void oneFingerHoppingToAnotherStringCostsMoreThanABar() {
    Moment moment = moment(0.3, false);
    Placement b = way("B4", 2, 2, Finger.FIRST);
    Placement bar = way("F#5", 2, 1, Finger.FIRST);
    Placement hop = way("F5", 2, 1, Finger.FIRST);
    assertThat(move("same-finger", moment, b, hop))
        .isGreaterThan(move("same-finger", moment, b, bar));
    assertThat(move("same-finger", moment, b, way("C5", 2, 2, Finger.SECOND))).isZero();
  }

  @Test
  void trillsAreKeptOffTheFourthFingerAndTheOpenString() {
    Moment trill = Moment.of(1, pitch("A4")).with(Moment.Sign.TRILLED_WHOLE);
    Placement fourth = way("A4", 2, 3, Finger.FOURTH);
    Placement second = way("A4", 5, 3, Finger.SECOND);
    Placement open = all("A4").stream().filter(p -> !p.usesHand()).findFirst().orElseThrow();
    assertThat(place("trill", trill, second)).isZero();
    assertThat(place("trill", trill, fourth)).isGreaterThan(0.5);
    assertThat(place("trill", trill, open)).isGreaterThan(0.5);
    assertThat(place("trill", moment(1, false), fourth)).isZero();
  }

  @Test
  void tangledFingersAreAllButForbidden() {
    Moment moment = moment(0.3, false);
    Placement second = way("C5", 2, 2, Finger.SECOND);
    assertThat(move("finger-order", moment, second, way("D5", 2, 2, Finger.THIRD))).isZero();
    Placement thirdBelow = way("C#5", 2, 2, Finger.THIRD);
    Placement secondAbove = way("D5", 2, 2, Finger.SECOND);
    assertThat(move("finger-order", moment, thirdBelow, secondAbove)).isGreaterThan(2);
  }

  @Test
  void shiftsInsideAFastSlurAreTheDearestKind() {
    Placement first = way("D5", 2, 2, Finger.THIRD);
    Placement third = way("F5", 5, 2, Finger.THIRD);
    Moment onBeat = Moment.of(0.2, pitch("F5")).with(Moment.Sign.BEAT_START);
    double separate = move("shift-kind", onBeat, first, third);
    double slurred = move("shift-kind", moment(0.1, true), first, third);
    assertThat(slurred).isGreaterThan(separate + 0.3);
    assertThat(move("shift-kind", moment(0.1, true), first, first)).isZero();
  }

  @Test
  void aNoteOfOneSecondIsUnhurriedAndOneOfASixteenthOfASecondIsRushed() {
    assertThat(moment(1, false).haste()).isZero();
    assertThat(moment(1.0 / 8, false).haste()).isEqualTo(1);
    assertThat(moment(1.0 / 50, false).haste()).isEqualTo(2);
  }
}
