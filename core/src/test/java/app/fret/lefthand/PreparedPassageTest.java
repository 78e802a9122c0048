package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Habits;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import app.fret.score.Tempo;
import app.fret.score.WrittenPitch;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PreparedPassageTest {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 96);

  private static PreparedPassage prepared(Player player, String music) {
    return new LeftHandPlanner(player, Profiles.named("secure"))
        .prepare(Briefs.of(Music.passage(music), player, TEMPO));
  }

  private static Player player(String instrument) {
    return Player.of("", Instruments.named(instrument));
  }

  private static Pin pin(int note, int string, Finger finger, int base) {
    return new Pin(note, OptionalInt.of(string), Optional.of(finger), OptionalInt.of(base));
  }

  @ParameterizedTest
  @ValueSource(strings = {"violin", "viola", "cello"})
  void otherWaysCostExactlyWhatPinningThemCostsAlsoInFigures(String instrument)
      throws PinConflictException {
    String figure = "G4/16 A4/16 B4/16 A4/16 G4/16 D4/16 E4/16 D4/16 G4/2";
    PreparedPassage passage = prepared(player(instrument), figure + " | E4/1 | " + figure);
    LeftHandPlan best = passage.plan(List.of());
    int compared = 0;
    for (NotePlan note : best.notes()) {
      List<Placement> tried = new ArrayList<>(List.of(note.placement()));
      for (OtherWay way : note.otherWays().stream().limit(4).toList()) {
        if (tried.stream().anyMatch(t -> sameStringAndFinger(way.placement(), t))) {
          continue;
        }
        tried.add(way.placement());
        compared++;
        Pin pin =
            Pin.of(
                note.note().number(),
                way.placement().top().string(),
                way.placement().top().finger());
        assertThat(passage.plan(List.of(pin)).effort() - best.effort())
            .isCloseTo(way.extraEffort(), within(1e-9));
      }
    }
    assertThat(compared).isGreaterThan(best.notes().size());
  }

  /** A harmonic and a stopped note may share string and finger, which is all a pin says. */
  private static boolean sameStringAndFinger(Placement one, Placement other) {
    return one.top().string() == other.top().string() && one.top().finger() == other.top().finger();
  }

  @Test
  void aPlanIsTheSameWhetherPreparedBeforeOrNot() throws PinConflictException {
    PreparedPassage passage = prepared(player("cello"), "C3/8 E3/8 G3/8 C4/8 E4/8 G4/8 C5/4");
    List<Pin> pins = List.of(Pin.finger(4, Finger.FIRST));
    passage.plan(List.of());
    LeftHandPlan again = passage.plan(pins);
    LeftHandPlan anew = prepared(player("cello"), "C3/8 E3/8 G3/8 C4/8 E4/8 G4/8 C5/4").plan(pins);
    assertThat(placements(again)).isEqualTo(placements(anew));
    assertThat(again.effort()).isEqualTo(anew.effort());
  }

  @Test
  void otherPlansDifferInThreeNotesAndCostMore() throws PinConflictException {
    PreparedPassage passage =
        prepared(player("violin"), "B4/8 C5/8 D5/8 E5/8 F5/8 G5/8 A5/8 B5/8 | C6/2 A5/2");
    LeftHandPlan best = passage.plan(List.of());
    List<LeftHandPlan> others = passage.differentPlans(List.of(), 3, List.of());
    assertThat(others).hasSizeGreaterThan(1);
    double before = best.effort();
    for (LeftHandPlan other : others) {
      assertThat(other.effort()).isGreaterThanOrEqualTo(before);
      before = other.effort();
      assertThat(differing(best, other)).isGreaterThanOrEqualTo(3);
    }
    assertThat(differing(others.get(0), others.get(1))).isGreaterThanOrEqualTo(3);
    assertThatThrownBy(() -> passage.differentPlans(List.of(), 7, List.of()))
        .hasMessageContaining("0 to 6");
  }

  private static List<Placement> placements(LeftHandPlan plan) {
    return plan.notes().stream().map(LeftHandPlan.NotePlan::placement).toList();
  }

  /** The shares of all terms are the whole difference, and each falls on a note of the passage. */
  @Test
  void everyOtherWaySaysWhyItCostsMore() throws PinConflictException {
    PreparedPassage passage =
        prepared(player("violin"), "B4/8 C5/8 D5/8 E5/8 F5/8 G5/8 A5/8 B5/8 | C6/2 A5/2");
    LeftHandPlan best = passage.plan(List.of());
    int ways = 0;
    for (LeftHandPlan.NotePlan note : best.notes()) {
      for (LeftHandPlan.OtherWay way : note.otherWays()) {
        List<Difference> why = way.why();
        assertThat(why.stream().mapToDouble(Difference::share).sum())
            .isCloseTo(way.extraEffort(), within(0.01));
        assertThat(why)
            .isSortedAccordingTo(Comparator.comparingDouble((Difference d) -> -Math.abs(d.share())))
            .allSatisfy(d -> assertThat(d.text()).matches("(more|less) [a-z ]+"))
            .allSatisfy(d -> assertThat(d.note()).isBetween(0, best.notes().size() - 1));
        ways++;
      }
    }
    assertThat(ways).isGreaterThan(best.notes().size());
  }

  private static int differing(LeftHandPlan one, LeftHandPlan other) {
    int differing = 0;
    for (int i = 0; i < one.notes().size(); i++) {
      Placement first = one.notes().get(i).placement();
      Placement second = other.notes().get(i).placement();
      boolean stopped =
          first.usesHand() && second.usesHand() && !first.stops().equals(second.stops());
      boolean elsewhere =
          first.hand() != second.hand() || first.top().string() != second.top().string();
      differing += stopped && elsewhere ? 1 : 0;
    }
    return differing;
  }

  @Test
  void aPlanOfAnotherProfileIsWeighedByThisOne() throws PinConflictException {
    String music = "B4/8 C5/8 D5/8 E5/8 F5/8 G5/8 A5/8 B5/8 | C6/2 A5/2";
    PreparedPassage secure = prepared(player("violin"), music);
    LeftHandPlan colour =
        new LeftHandPlanner(player("violin"), Profiles.named("even-colour"))
            .plan(Briefs.of(Music.passage(music), player("violin"), TEMPO), List.of());
    LeftHandPlan weighed = secure.weighed(colour, List.of());
    double least = secure.plan(List.of()).effort();
    assertThat(weighed.effort()).isGreaterThanOrEqualTo(least - 1e-9);
    assertThat(weighed.notes().get(0).placement()).isEqualTo(colour.notes().get(0).placement());
  }

  @Test
  void pinsThatCannotStandTogetherAreBothNamedAndNoOther() {
    PreparedPassage passage = prepared(player("violin"), "D5/4 A4/4 F5/4 E5/4");
    List<Pin> pins =
        List.of(
            pin(0, 2, Finger.FIRST, 5),
            new Pin(1, OptionalInt.of(2), Optional.of(Finger.OPEN), OptionalInt.empty()),
            Pin.string(2, 1),
            Pin.finger(3, Finger.FIRST),
            Pin.string(3, 1));
    assertThatThrownBy(() -> passage.plan(pins))
        .isInstanceOfSatisfying(
            PinConflictException.class,
            e -> {
              assertThat(e.toBlame())
                  .containsExactly(Pin.finger(3, Finger.FIRST), Pin.string(3, 1));
              assertThat(e.note()).isEqualTo(3);
            })
        .hasMessage(
            "E5 cannot be played with finger 1 and string I; free the pin or choose one of the"
                + " other ways");
  }

  @Test
  void ofSeveralConflictsTheSmallestIsBlamed() {
    PreparedPassage passage = prepared(player("violin"), "D5/4 E5/4 G3/2");
    List<Pin> pins =
        List.of(Pin.finger(1, Finger.FIRST), Pin.string(1, 4), Pin.of(2, 1, Finger.FIRST));
    assertThatThrownBy(() -> passage.plan(pins))
        .isInstanceOfSatisfying(
            PinConflictException.class,
            e -> assertThat(e.toBlame()).containsExactly(Pin.of(2, 1, Finger.FIRST)));
  }

  /** Early is at once and unhurried, late a quick move at the end (common practice). */
  @Test
  void earlySlidesStartBeforeLateOnes() throws PinConflictException {
    List<Pin> pins = List.of(pin(0, 2, Finger.FIRST, 2), pin(1, 2, Finger.FIRST, 5));
    Shift early = prepared(player("violin"), "B4/2 D5/2").plan(pins).shifts().get(0);
    Player late = player("violin").withHabits(Habits.USUAL.withSlide(Habits.Slide.LATE));
    Shift quick = prepared(late, "B4/2 D5/2").plan(pins).shifts().get(0);
    assertThat(early.slide().startShare()).isLessThan(quick.slide().startShare());
    assertThat(early.slide().secondsFromNote())
        .isCloseTo(2 * quick.slide().secondsFromNote(), within(1e-9));
    assertThat(early.slide().bow()).isEqualTo(Shift.BowDuring.KEPT);
    assertThat(early.slide().heard()).isFalse();
  }

  @Test
  void aShiftInARestTakesNothingFromTheNote() throws PinConflictException {
    List<Pin> pins = List.of(pin(0, 2, Finger.FIRST, 2), pin(1, 1, Finger.FIRST, 5));
    Shift shift = prepared(player("violin"), "B4/4 r/4 A5/2").plan(pins).shifts().get(0);
    assertThat(shift.slide().secondsFromNote()).isZero();
    assertThat(shift.slide().bow()).isEqualTo(Shift.BowDuring.FREE);
  }

  @Test
  void aHopAcrossStringsLightensTheBow() throws PinConflictException {
    List<Pin> pins = List.of(pin(0, 2, Finger.FIRST, 2), pin(1, 1, Finger.FIRST, 5));
    Shift shift = prepared(player("violin"), "B4/2 A5/2").plan(pins).shifts().get(0);
    assertThat(shift.slide().bow()).isEqualTo(Shift.BowDuring.LIGHTENED);
  }

  /**
   * Half the string is the octave; first finger a tone below it is 17.9 mm away on the A string.
   */
  @Test
  void everyLandingHasItsNearestLandmark() throws PinConflictException {
    List<Pin> pins = List.of(pin(0, 2, Finger.FIRST, 2), pin(1, 2, Finger.THIRD, 9));
    Shift shift = prepared(player("violin"), "B4/2 Bb5/2").plan(pins).shifts().get(0);
    assertThat(shift.landmark().orElseThrow().words())
        .isEqualTo("octave harmonic at half the string");
    assertThat(shift.landmark().orElseThrow().distanceMm()).isCloseTo(9.2, within(0.1));
  }

  @Test
  void slowerRungsNeedASlowerHand() throws PinConflictException {
    List<Pin> pins = List.of(pin(0, 2, Finger.FIRST, 2), pin(1, 2, Finger.FIRST, 5));
    Shift shift = prepared(player("violin"), "B4/2 D5/2").plan(pins).shifts().get(0);
    assertThat(shift.speedMmPerSecondAt(0.5)).isCloseTo(shift.speedMmPerSecond() / 2, within(1e-9));
  }

  /** Viola, 1 on II in first position to 4 on I in third: arrival guide G5 (common practice). */
  @Test
  void aGuideAboveTheTargetOvershoots() throws PinConflictException {
    List<Pin> pins = List.of(pin(0, 2, Finger.FOURTH, 2), pin(1, 2, Finger.FIRST, 5));
    Shift shift = prepared(player("violin"), "E5/2 D5/2").plan(pins).shifts().get(0);
    SoundingPitch departing = shift.guides().departing();
    assertThat(departing.midi()).isEqualTo(WrittenPitch.parse("G5").semitone());
    assertThat(shift.isUpward()).isTrue();
    assertThat(shift.guides().overshoots(departing)).isTrue();
    assertThat(shift.guides().overshoots(shift.guides().lower())).isFalse();
  }
}
