package app.fret.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.reading.Reading;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import app.fret.testing.Music;
import java.util.List;
import java.util.OptionalDouble;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TempoChoicesTest {
  private final Reading reading =
      Reading.of(
          Music.passage(
              "C5/4 D5/4 E5/4 F5/4 | G5/4 F5/4 E5/4 D5/4 | C5/4 D5/4 E5/4 F5/4 | G5/2 C5/2"));
  private final TempoChoices at120 = TempoChoices.at(new Tempo(BeatUnit.QUARTER, 120));

  private NoteRef note(int number) {
    return reading.places().top(number);
  }

  private TempoPlace place(TempoPlace.Kind kind, int from, int to, double perMinute) {
    return new TempoPlace(kind, note(from), note(to), perMinute);
  }

  @Test
  void withoutPlacesOneTempoHolds() {
    assertThat(at120.tempos(reading).changes()).hasSize(1);
    assertThat(at120.tempos(reading).seconds(Fraction.of(4))).isCloseTo(8, within(1e-9));
  }

  @Test
  void aRegionHasItsOwnTempoAndTheTargetComesBack() {
    TempoMap map = at120.withPlace(place(TempoPlace.Kind.REGION, 4, 7, 60)).tempos(reading);
    assertThat(map.seconds(Fraction.of(1), Fraction.of(2))).isCloseTo(4, within(1e-9));
    assertThat(map.seconds(Fraction.of(2), Fraction.of(3))).isCloseTo(2, within(1e-9));
  }

  @Test
  void aRampGoesGraduallyAndNeverBeyondItsEnd() {
    TempoMap map = at120.withPlace(place(TempoPlace.Kind.RAMP, 4, 7, 60)).tempos(reading);
    List<Double> steps =
        map.changes().stream()
            .filter(c -> c.onset().compareTo(Fraction.of(1)) >= 0)
            .filter(c -> c.onset().compareTo(Fraction.of(2)) < 0)
            .map(c -> c.tempo().perMinute())
            .toList();
    assertThat(steps).hasSize(8).isSortedAccordingTo((a, b) -> Double.compare(b, a));
    assertThat(steps.get(0)).isLessThan(120);
    assertThat(steps.get(7)).isGreaterThan(60);
    assertThat(map.seconds(Fraction.of(1), Fraction.of(2))).isBetween(2.0, 4.0);
  }

  @Test
  void aPlaceWhoseNotesAreGoneChangesNothing() {
    NoteRef gone = NoteRef.parse("9@0/1 C5");
    TempoPlace place = new TempoPlace(TempoPlace.Kind.REGION, gone, gone, 60);
    assertThat(at120.withPlace(place).tempos(reading).changes()).hasSize(1);
  }

  /** Handbook, section 10: prescribed and slow tempi stay; common practice, no source. */
  @ParameterizedTest
  @CsvSource({
    "120, false, AUDITION, true",
    "120, true, AUDITION, false",
    "66, false, AUDITION, false",
    "72, false, AUDITION, true",
    "120, false, RECORDING, false",
    "120, false, CONCERT, false"
  })
  void onlyAnAuditionTakesAStepLess(
      double perMinute, boolean prescribed, Occasion occasion, boolean less) {
    TempoChoices tempo =
        TempoChoices.at(new Tempo(BeatUnit.QUARTER, perMinute))
            .withPrescribed(prescribed)
            .withOccasion(occasion);
    assertThat(tempo.isStepBelow()).isEqualTo(less);
  }

  @Test
  void limitsLieOnTheirSidesOfTheTarget() {
    assertThat(at120.slowestPerMinute()).isLessThan(120);
    assertThat(at120.ceilingPerMinute()).isGreaterThan(120);
    assertThatThrownBy(() -> at120.within(OptionalDouble.of(130), OptionalDouble.empty()))
        .hasMessageContaining("above the target");
    assertThatThrownBy(() -> at120.within(OptionalDouble.empty(), OptionalDouble.of(110)))
        .hasMessageContaining("below the target");
  }

  @Test
  void anotherTargetKeepsThePlacesInProportion() {
    TempoChoices slower =
        at120
            .withPlace(place(TempoPlace.Kind.REGION, 4, 7, 60))
            .withTarget(new Tempo(BeatUnit.QUARTER, 80));
    assertThat(slower.places().get(0).perMinute()).isCloseTo(40, within(1e-9));
  }

  @Test
  void theLastTwoBarsMayBroadenAndNothingDoesUnasked() {
    List<TempoProposal> proposals = Broadening.of(reading, at120);
    assertThat(proposals)
        .extracting(TempoProposal::words)
        .containsExactly("may broaden in the last two bars");
    TempoPlace proposed = proposals.get(0).place();
    assertThat(proposed.from().bar()).isEqualTo(2);
    assertThat(at120.tempos(reading).changes()).hasSize(1);
    assertThat(Broadening.of(reading, at120.withPlace(proposed))).isEmpty();
  }

  @Test
  void aLongLoudNoteOnAFirstBeatIsAnArrivalBeforeWhichOneMayBroaden() {
    Passage plain =
        Music.passage(
            "C5/4 D5/4 E5/4 F5/4 | G5/4 F5/4 E5/4 D5/4 | C6/1 | C5/4 D5/4 E5/4 F5/4"
                + " | G5/4 F5/4 E5/4 D5/4 | C5/1");
    Directions loud =
        new Directions(
            List.of(
                new Directions.Dynamic(Fraction.ZERO, "p"),
                new Directions.Dynamic(Fraction.of(2), "ff"),
                new Directions.Dynamic(Fraction.of(3), "p")),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of());
    Passage passage = plain.withDirections(loud);
    assertThat(Broadening.of(Reading.of(passage), at120))
        .extracting(TempoProposal::words)
        .containsExactly(
            "may broaden before the arrival in bar 3", "may broaden in the last two bars");
  }

  @Test
  void twoPlacesThatMeetGoOnFromEachOther() {
    TempoMap map =
        at120
            .withPlace(place(TempoPlace.Kind.RAMP, 4, 7, 60))
            .withPlace(place(TempoPlace.Kind.REGION, 8, 11, 60))
            .tempos(reading);
    assertThat(map.seconds(Fraction.of(2), Fraction.of(3))).isCloseTo(4, within(1e-9));
    assertThat(map.seconds(Fraction.of(3), Fraction.of(4))).isCloseTo(2, within(1e-9));
  }

  @Test
  void aPlaceThatIsTakenOutLeavesTheTarget() {
    TempoPlace place = place(TempoPlace.Kind.FREE, 4, 7, 90);
    assertThat(at120.withPlace(place).without(place)).isEqualTo(at120);
    assertThatThrownBy(() -> place(TempoPlace.Kind.FREE, 4, 7, 0))
        .hasMessageContaining("must be above 0");
  }

  @Test
  void everyOccasionSaysWhatItChanges() {
    assertThat(Occasion.values()).allMatch(o -> !o.changes().isEmpty());
    assertThat(Occasion.named("recording").countsLongRests()).isFalse();
    assertThatThrownBy(() -> Occasion.named("party")).hasMessageContaining("audition, recording");
  }
}
