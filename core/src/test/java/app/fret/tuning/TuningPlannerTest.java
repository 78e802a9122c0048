package app.fret.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.brief.Brief;
import app.fret.harmony.Harmonies;
import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Finger;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import app.fret.tuning.TuningPlan.DoubleStop;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TuningPlannerTest {
  private static final Tempo SLOW = new Tempo(BeatUnit.QUARTER, 60);

  private static TuningPlan plan(String instrument, int fifths, String music, Pin... pins) {
    Instrument named = Instruments.named(instrument);
    Passage passage = Music.passage(Metre.of(4, 4), fifths, Clef.TREBLE, music);
    try {
      Player player = Player.of("", named);
      Brief brief = Briefs.of(passage, player, SLOW);
      LeftHandPlan leftHand =
          new LeftHandPlanner(player, Profiles.named("secure")).plan(brief, List.of(pins));
      return new TuningPlanner().plan(brief, leftHand, Harmonies.of(brief.reading()));
    } catch (PinConflictException e) {
      throw new AssertionError(e);
    }
  }

  /** Open strings in pure fifths (bass: fourths) from A, in cents: mathematics of 3/2. */
  @ParameterizedTest
  @CsvSource({
    "violin, 1, 2.0", "violin, 2, 0", "violin, 3, -2.0", "violin, 4, -3.9",
    "viola, 2, -2.0", "viola, 3, -3.9", "viola, 4, -5.9", "cello, 4, -5.9",
    "bass, 1, -3.9", "bass, 2, -2.0", "bass, 3, 0", "bass, 4, 2.0"
  })
  void openStringsStandInPureFifths(String instrument, int string, double cents) {
    assertThat(OpenTuning.cents(Instruments.named(instrument), string))
        .isCloseTo(cents, within(0.05));
  }

  /** Minor sixths come out wider and major sixths narrower than the keyboard's (CP). */
  @Test
  void sixthsAreCorrectedAtTheNoteThatIsNotTheRoot() {
    List<DoubleStop> stops = plan("violin", 0, "E4+C5/2 F4+D5/2").doubleStops();
    DoubleStop minor = stops.get(0);
    assertThat(minor.interval().words()).isEqualTo("minor sixth");
    assertThat(minor.moved()).contains(0);
    assertThat(minor.cents()).isCloseTo(-13.7, within(0.05));
    DoubleStop major = stops.get(1);
    assertThat(major.moved()).contains(0);
    assertThat(major.cents()).isCloseTo(15.6, within(0.05));
  }

  /** Ten cents at s = 2 on a violin are 1.69 mm, so 13.7 cents are 2.31 mm. */
  @Test
  void correctionsAreAlsoMillimetresOfTheFinger() {
    DoubleStop sixth =
        plan("violin", 0, "E4+C5/1", Pin.of(0, 3, Finger.FIRST)).doubleStops().get(0);
    assertThat(sixth.travelMm()).isCloseTo(-2.31, within(0.01));
  }

  @Test
  void theStoppedNoteMovesAndNotTheOpenString() {
    DoubleStop third =
        plan("violin", 1, "G3+B3/1 | D4+B4/1", Pin.of(1, 3, Finger.OPEN)).doubleStops().stream()
            .filter(d -> d.note() == 1)
            .findFirst()
            .orElseThrow();
    assertThat(third.interval().words()).isEqualTo("major sixth");
    assertThat(third.moved()).contains(1);
    assertThat(third.cents())
        .as("D is 2.0 low, the sixth 15.6 narrow")
        .isCloseTo(-17.6, within(0.1));
  }

  @Test
  void twoOpenStringsCannotBeCorrected() {
    DoubleStop fifth =
        plan("violin", 0, "D4+A4/1", Pin.of(0, 2, Finger.OPEN), Pin.of(0, 3, Finger.OPEN))
            .doubleStops()
            .get(0);
    assertThat(fifth.moved()).isEmpty();
    assertThat(fifth.travelMm()).isZero();
  }

  @Test
  void aNoteIsCheckedWithOpenStringsTheSurestFirst() {
    TuningPlan.NoteChecks checks =
        plan("violin", 0, "B4/2 A5/2", Pin.of(0, 2, Finger.FIRST)).notes().get(0);
    assertThat(checks.open())
        .extracting(c -> c.string() + " " + c.interval().words())
        .startsWith("1 fourth")
        .contains("3 major sixth");
    TuningPlan.NoteChecks octave = plan("violin", 0, "A5/1").notes().get(0);
    assertThat(octave.open().get(0).interval().words()).isEqualTo("octave");
    assertThat(octave.open().get(0).cents()).isZero();
  }

  @Test
  void theHandOffersDoubleStopsWithItsNeighbours() {
    TuningPlan.NoteChecks checks =
        plan("violin", 0, "C5/1", Pin.of(0, 2, Finger.SECOND)).notes().get(0);
    assertThat(checks.fingers()).isNotEmpty().allMatch(c -> c.interval().isConsonant());
    assertThat(checks.fingers()).allMatch(c -> c.finger() != Finger.SECOND);
  }

  /** A raised leading note in Pythagorean tuning: 243/128 lies 9.8 cents above the keyboard's. */
  @Test
  void theExpressiveSchoolRaisesLeadingNotes() {
    TuningPlan plan = plan("violin", 0, "B4/2 C5/2", Pin.of(0, 2, Finger.FIRST));
    assertThat(plan.notes().get(0).expressiveCents()).isCloseTo(9.8, within(0.05));
    assertThat(plan.notes().get(1).expressiveCents()).isZero();
  }

  @Test
  void brokenChordBarsHaveAChordADegreeAndItsRootAsDrone() {
    TuningPlan plan =
        plan("cello", 0, "C3/4 E3/4 G3/4 C4/4 | G2/4 B2/4 D3/4 F3/4 | C3/4 D3/4 E3/4 F3/4");
    assertThat(plan.bars().get(0).chord().orElseThrow().words()).isEqualTo("C major");
    assertThat(plan.bars().get(0).degree()).contains("I");
    assertThat(plan.bars().get(1).degree()).contains("V7");
    assertThat(plan.bars().get(1).drone()).isEqualTo("G");
    assertThat(plan.bars().get(2).chord()).isEmpty();
    assertThat(plan.bars().get(2).drone()).isEqualTo("C");
  }

  @Test
  void aRaisedLeadingNoteMakesTheKeyMinor() {
    TuningPlan plan = plan("cello", -1, "D3/4 C#3/4 D3/4 A2/4 | D3/4 F3/4 A3/4 D3/4");
    assertThat(plan.tonic().minor()).isTrue();
    assertThat(plan.tonic().name()).isEqualTo("D");
    assertThat(plan.bars().get(1).degree()).contains("i");
  }
}
