package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.SoundingPitch;
import app.fret.score.Tempo;
import app.fret.score.WrittenPitch;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class LeftHandPlannerTest {
  private static final Tempo MODERATE = new Tempo(BeatUnit.QUARTER, 88);
  private static final Tempo FAST = new Tempo(BeatUnit.QUARTER, 126);

  private final Player violinist = Player.of("", Instruments.named("violin"));
  private final Player violist = Player.of("", Instruments.named("viola"));
  private final LeftHandPlanner planner = new LeftHandPlanner(violinist, Profiles.named("secure"));

  private LeftHandPlan plan(String words) throws PinConflictException {
    return planner.plan(Briefs.of(Music.passage(words), violinist, MODERATE), List.of());
  }

  private static String fingers(LeftHandPlan plan) {
    return plan.notes().stream()
        .map(
            n ->
                n.placement().stops().stream()
                    .map(s -> s.finger().sign())
                    .collect(Collectors.joining("+")))
        .collect(Collectors.joining(" "));
  }

  private static String strings(LeftHandPlan plan) {
    return plan.notes().stream()
        .map(n -> String.valueOf(n.placement().top().string()))
        .collect(Collectors.joining(" "));
  }

  @Test
  void aScaleInFirstPositionNeedsNoShift() throws PinConflictException {
    LeftHandPlan plan =
        plan("G3/8 A3/8 B3/8 C4/8 D4/8 E4/8 F#4/8 G4/8 | A4/8 B4/8 C5/8 D5/8 E5/8 F#5/8 G5/8 A5/8");
    assertThat(plan.shifts()).isEmpty();
    assertThat(plan.totals().highest().map(Placement::hand)).contains(2);
    assertThat(fingers(plan)).startsWith("0 1 2 3 0 1 2 3");
  }

  @Test
  void afterALongRestTheHandIsFree() throws PinConflictException {
    String low = "G3/4 A3/4 B3/4 D4/4";
    String high = "E6/4 F6/4 A6/4 F6/4";
    LeftHandPlan whole = plan(low + " | r/1 | r/1 | " + high);
    assertThat(whole.shifts()).isEmpty();
    assertThat(fingers(whole)).isEqualTo(fingers(plan(low)) + " " + fingers(plan(high)));
  }

  @Test
  void aMelodyAboveFirstPositionGoesUpOnceAndNotBackAndForth() throws PinConflictException {
    LeftHandPlan plan = plan("A5/8 B5/8 C6/8 D6/8 E6/8 D6/8 C6/8 B5/8 | A5/1");
    assertThat(plan.shifts().size()).isLessThanOrEqualTo(1);
  }

  /** Violin thirds 3-1 and 4-2, sixths 1-2 and 2-3, octaves 1-4: common practice, no source. */
  @Test
  void doubleStopsTakeTheirUsualFingers() throws PinConflictException {
    assertThat(fingers(plan("C5+E5/4 D5+F#5/4 r/2"))).isEqualTo("2+0 3+1");
    assertThat(fingers(plan("B3+B4/2 r/2"))).isIn("2+1", "1+4");
    assertThat(fingers(plan("A4+A5/2 B4+B5/2"))).contains("1+4");
    assertThat(fingers(plan("E4+C5/2 F4+D5/2"))).isEqualTo("1+2 2+3");
  }

  @Test
  void aFifthLiesUnderOneFlatFinger() throws PinConflictException {
    assertThat(fingers(plan("F#4+C#5/2 r/2"))).isEqualTo("2+2");
  }

  @Test
  void aChordNoHandHoldsIsLeftOutAndTheRestIsPlanned() throws PinConflictException {
    LeftHandPlan plan = plan("D5/4 A3+B3/4 E5/4 F5/4");
    assertThat(plan.leftOut()).hasSize(1);
    assertThat(plan.notes().get(1).placement().stops()).isEmpty();
    assertThat(plan.notes().get(3).placement().isSingle()).isTrue();
  }

  @Test
  void anOpenStringCoversTheShift() throws PinConflictException {
    LeftHandPlan plan =
        planner.plan(
            Briefs.of(Music.passage("G5/8 E5/4 D6/8 E6/8 D6/8 C6/4"), violinist, FAST),
            List.of(position(0, 1, Finger.SECOND, 2)));
    assertThat(plan.shifts()).hasSize(1);
    Shift shift = plan.shifts().get(0);
    assertThat(shift.fromNote()).isZero();
    assertThat(shift.toNote()).isEqualTo(2);
    assertThat(shift.markAtNote()).as("written where the hand starts to move").isEqualTo(1);
    assertThat(shift.availableSeconds())
        .as("the open string's whole length")
        .isCloseTo(60.0 / 126, within(1e-6));
  }

  @Test
  void aLongNoteIsNotLeftOnAnOpenString() throws PinConflictException {
    LeftHandPlan plan =
        planner.plan(
            Briefs.of(
                Music.passage("(G4/4 A4/2 B4/4)"), violinist, new Tempo(BeatUnit.QUARTER, 54)),
            List.of());
    assertThat(plan.notes().get(1).placement().top().isOpen()).isFalse();
  }

  @Test
  void pinsAreKeptAndThePlanGoesRoundThem() throws PinConflictException {
    Passage passage = Music.passage("D5/8 E5/8 F5/8 G5/8 A5/8 G5/8 F5/8 E5/8");
    LeftHandPlan free = planner.plan(Briefs.of(passage, violinist, MODERATE), List.of());
    Pin pin = Pin.of(3, 2, Finger.FOURTH);
    LeftHandPlan pinned = planner.plan(Briefs.of(passage, violinist, MODERATE), List.of(pin));
    Stop stop = pinned.notes().get(3).placement().top();
    assertThat(stop.string()).isEqualTo(2);
    assertThat(stop.finger()).isEqualTo(Finger.FOURTH);
    assertThat(pinned.effort()).isGreaterThan(free.effort());
  }

  @Test
  void aPinOnThePositionIsKept() throws PinConflictException {
    Pin third = new Pin(0, OptionalInt.empty(), Optional.empty(), OptionalInt.of(5));
    LeftHandPlan plan =
        planner.plan(
            Briefs.of(Music.passage("D5/4 E5/4 F5/4 G5/4"), violinist, MODERATE), List.of(third));
    assertThat(plan.notes().get(0).placement().base()).isEqualTo(5);
  }

  @Test
  void anImpossiblePinIsNamedAloneAmongGoodOnes() {
    Passage passage = Music.passage("G3/4 A4/4 B4/4 C5/4");
    Pin good = Pin.finger(1, Finger.FOURTH);
    Pin impossible = Pin.of(0, 1, Finger.FIRST);
    Pin alsoGood = Pin.string(3, 2);
    assertThatThrownBy(
            () ->
                planner.plan(
                    Briefs.of(passage, violinist, MODERATE), List.of(good, impossible, alsoGood)))
        .isInstanceOfSatisfying(
            PinConflictException.class,
            conflict -> {
              assertThat(conflict.note()).isZero();
              assertThat(conflict.toBlame()).containsExactly(impossible);
              assertThat(conflict)
                  .hasMessageContaining("G3 cannot be played with finger 1 on string I");
            });
  }

  @Test
  void aPinThatPinsNothingIsRefused() {
    assertThatThrownBy(() -> new Pin(4, OptionalInt.empty(), Optional.empty(), OptionalInt.empty()))
        .hasMessageContaining("pins nothing");
  }

  /** A melody of eighths with double stops. */
  private static Passage randomMelody(Random random, int notes) {
    List<String> pitches = List.of("G3", "Bb3", "C4", "Eb4", "F#4", "A4", "B4", "D5", "F5", "C6");
    StringBuilder words = new StringBuilder();
    for (int i = 0; i < notes; i++) {
      String pitch = pitches.get(random.nextInt(pitches.size()));
      words.append(random.nextInt(9) == 0 ? "D4+B4" : pitch).append("/8 ");
      words.append(i % 8 == 7 && i + 1 < notes ? "| " : "");
    }
    return Music.passage(words.toString());
  }

  @Test
  void askingTwiceGivesTheSamePlan() throws PinConflictException {
    Passage passage = randomMelody(new Random(5), 40);
    LeftHandPlan once = planner.plan(Briefs.of(passage, violinist, FAST), List.of());
    LeftHandPlan again = planner.plan(Briefs.of(passage, violinist, FAST), List.of());
    assertThat(again.notes())
        .extracting(NotePlan::placement)
        .isEqualTo(once.notes().stream().map(NotePlan::placement).toList());
    assertThat(again.effort()).isEqualTo(once.effort());
  }

  /** The extra effort of another way is what planning anew with that way pinned costs more. */
  @Test
  void otherWaysCostExactlyWhatPinningThemCosts() throws PinConflictException {
    Passage passage = randomMelody(new Random(11), 14);
    LeftHandPlan best = planner.plan(Briefs.of(passage, violinist, FAST), List.of());
    int compared = 0;
    for (NotePlan note : best.notes().stream().filter(n -> n.placement().isSingle()).toList()) {
      for (OtherWay way : note.otherWays().stream().limit(4).toList()) {
        compared++;
        Stop stop = way.stops().get(0);
        Pin pin = Pin.of(note.note().number(), stop.string(), stop.finger());
        double pinned = planner.plan(Briefs.of(passage, violinist, FAST), List.of(pin)).effort();
        assertThat(pinned - best.effort()).isCloseTo(way.extraEffort(), within(1e-9));
      }
    }
    assertThat(compared).isGreaterThan(best.notes().size());
  }

  @Test
  void otherWaysAreOtherStringsOrFingersCheapestFirst() throws PinConflictException {
    NotePlan note = plan("D5/4 E5/4 F5/4 G5/4").notes().get(1);
    assertThat(note.otherWays())
        .isSortedAccordingTo((a, b) -> Double.compare(a.extraEffort(), b.extraEffort()))
        .noneMatch(w -> w.stops().equals(note.placement().stops()))
        .extracting(OtherWay::stops)
        .doesNotHaveDuplicates();
  }

  @Test
  void theEffortsOfTheNotesSumToTheEffortOfThePlan() throws PinConflictException {
    LeftHandPlan plan =
        planner.plan(Briefs.of(randomMelody(new Random(3), 60), violinist, FAST), List.of());
    double sum = plan.notes().stream().mapToDouble(NotePlan::effort).sum();
    assertThat(sum).isCloseTo(plan.effort(), within(1e-9));
  }

  /**
   * Guide notes of the schools, checked on two textbook shifts (common practice): viola, 1 on II in
   * first position to 4 on I in third has G4 as the lower finger's guide; violin, 2 on E over a
   * first finger on D to 1 on G above has D as guide.
   */
  @Test
  void guideNotesFollowTheLowerFinger() throws PinConflictException {
    LeftHandPlan viola =
        new LeftHandPlanner(violist, Profiles.named("secure"))
            .plan(
                Briefs.of(Music.passage("E4/2 G5/2"), violist, MODERATE),
                List.of(position(0, 2, Finger.FIRST, 2), position(1, 1, Finger.FOURTH, 5)));
    Shift.Guides guides = viola.shifts().get(0).guides();
    assertThat(guides.lower()).isEqualTo(sounding("G4"));
    assertThat(guides.departing()).isEqualTo(sounding("G4"));

    LeftHandPlan violin =
        planner.plan(
            Briefs.of(Music.passage("E5/2 G5/2"), violinist, MODERATE),
            List.of(position(0, 2, Finger.SECOND, 5), position(1, 2, Finger.FIRST, 10)));
    assertThat(violin.shifts().get(0).guides().lower()).isEqualTo(sounding("D5"));
    assertThat(violin.shifts().get(0).guides().arriving()).isEqualTo(sounding("D5"));
  }

  private static SoundingPitch sounding(String name) {
    return new SoundingPitch(WrittenPitch.parse(name).semitone());
  }

  private static Pin position(int note, int string, Finger finger, int base) {
    return new Pin(note, OptionalInt.of(string), Optional.of(finger), OptionalInt.of(base));
  }

  /** First to third position: 46.5 mm. */
  @Test
  void aShiftReportsTravelTimeAndSpeed() throws PinConflictException {
    LeftHandPlan plan =
        planner.plan(
            Briefs.of(Music.passage("B4/4 D5/4 r/2"), violinist, new Tempo(BeatUnit.QUARTER, 60)),
            List.of(position(0, 2, Finger.FIRST, 2), position(1, 2, Finger.FIRST, 5)));
    Shift shift = plan.shifts().get(0);
    assertThat(shift.travelMm()).isCloseTo(46.5, within(0.05));
    assertThat(shift.bits()).isCloseTo(4.12, within(0.01));
    assertThat(shift.availableSeconds())
        .as("half of the second that the note before lasts, for who leaves early")
        .isCloseTo(0.5, within(1e-6));
    assertThat(shift.speedMmPerSecond()).isCloseTo(93.0, within(0.1));
    assertThat(shift.isUpward()).isTrue();
  }

  @Test
  void totalsCountWhatThePlanHolds() throws PinConflictException {
    LeftHandPlan plan =
        planner.plan(
            Briefs.of(
                Music.passage("G3/8 D4/8 A4/8 E5/8 A3/8 E4/8 B4/8 F#5/8"), violinist, MODERATE),
            List.of(Pin.finger(3, Finger.OPEN)));
    assertThat(plan.totals().openStrings()).isEqualTo(4);
    assertThat(plan.totals().crossings()).isEqualTo(7);
    assertThat(plan.totals().notesPerString().values()).containsOnly(2);
    assertThat(plan.totals().reaches()).isZero();
  }

  @Test
  void aPassageWithoutNotesHasAnEmptyPlan() throws PinConflictException {
    LeftHandPlan plan =
        planner.plan(Briefs.of(Music.passage("r/1"), violinist, MODERATE), List.of());
    assertThat(plan.notes()).isEmpty();
    assertThat(plan.effort()).isZero();
    assertThat(plan.totals().highest()).isEmpty();
  }

  @Test
  void graceNotesGetFingersToo() throws PinConflictException {
    LeftHandPlan plan =
        planner.plan(
            Briefs.of(Music.passage(Metre.of(2, 4), "C5/4 gE5/16 D5/4"), violinist, MODERATE),
            List.of());
    assertThat(plan.notes()).hasSize(3);
    assertThat(plan.notes().get(1).placement().stops()).isNotEmpty();
  }

  @Test
  void reasonsComeLargestFirstInWholeSentences() throws PinConflictException {
    LeftHandPlan plan = plan("(A4/16 E5/16 A4/16 E5/16) D6/4 D4/2");
    for (NotePlan note : plan.notes()) {
      assertThat(note.reasons())
          .isSortedAccordingTo(
              (a, b) -> Double.compare(Math.abs(b.effort()), Math.abs(a.effort())));
      assertThat(note.reasons()).allSatisfy(r -> assertThat(r.text()).endsWith("."));
    }
  }

  @Test
  void stringsAreNumberedFromTheHighest() throws PinConflictException {
    assertThat(strings(plan("G3/8 D4/8 A4/8 F#5/8 r/2"))).isEqualTo("4 3 2 1");
  }

  @Test
  void aChordNoHandCanHoldBetweenTwoNotesOfOneStringIsLeftOutAndSaidNothingOf()
      throws PinConflictException {
    Player player = Player.of("", Instruments.named("violin"));
    LeftHandPlan plan =
        new LeftHandPlanner(player, Profiles.named("even-colour"))
            .plan(
                Briefs.of(
                    Music.passage("B4/4 G3+C4/4 C5/4 D5/4"),
                    player,
                    new Tempo(BeatUnit.QUARTER, 66)),
                List.of());
    assertThat(plan.notes().get(1).placement().isLeftOut()).isTrue();
    assertThat(plan.notes().get(2).reasons()).noneMatch(r -> r.text().contains("alone"));
    assertThat(plan.notes().get(2).placement().isLeftOut()).isFalse();
  }

  @Test
  void theSameBarHasTheSameFingersEachTime() throws PinConflictException {
    String figure = "C5/16 E5/16 G5/16 E5/16 C5/16 G4/16 E4/16 G4/16 C5/2";
    Passage passage = Music.passage(figure + " | D6/4 C6/4 B5/4 A5/4 | " + figure);
    LeftHandPlan plan =
        planner.plan(Briefs.of(passage, violinist, new Tempo(BeatUnit.QUARTER, 80)), List.of());
    List<Finger> fingers =
        plan.notes().stream().map(NotePlan::placement).map(p -> p.top().finger()).toList();
    assertThat(fingers.subList(13, 22)).isEqualTo(fingers.subList(0, 9));
  }
}
