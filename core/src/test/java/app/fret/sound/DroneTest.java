package app.fret.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.sound.SoundPlan.Tone;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.study.StudySound;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Tones to play over; frequencies by the usual formula from A4 = 440 Hz (ISO 16). */
class DroneTest {
  private static Study study() throws Exception {
    return Study.of(
        Music.passage("C5/4 E5/4 G5/4 E5/4 | G4/4 B4/4 D5/4 B4/4 | C5/1"),
        Player.of("", Instruments.named("violin")),
        Choices.at(new Tempo(BeatUnit.QUARTER, 60)));
  }

  private static List<Tone> tones(String what, boolean just, int loops) throws Exception {
    Study study = study();
    ClickChoices none = ClickChoices.of(ClickKind.NONE);
    return StudySound.of(study, 60, none, Optional.of(new Drone(what, just)), loops).tones();
  }

  @Test
  void aPlayedPassageIsATonePerNoteOverItsBeat() throws Exception {
    SoundPlan played = StudySound.played(study());
    assertThat(played.tones()).hasSize(9);
    assertThat(played.clicks()).hasSize(12);
    assertThat(played.tones().get(0).hz())
        .as("middle C an octave up")
        .isCloseTo(523.25, within(0.01));
    assertThat(played.tones().get(8).fromSeconds()).isCloseTo(8, within(1e-9));
  }

  @Test
  void theTonicLastsThroughout() throws Exception {
    assertThat(tones("tonic", false, 1))
        .singleElement()
        .satisfies(
            t -> {
              assertThat(t.hz()).isCloseTo(130.81, within(0.01));
              assertThat(t.fromSeconds()).isZero();
              assertThat(t.toSeconds()).isCloseTo(12, within(1e-9));
            });
  }

  @Test
  void aJustFifthIsPureAndAnEqualOneTwoCentsLower() throws Exception {
    double pure = tones("fifth", true, 1).get(1).hz();
    double equal = tones("fifth", false, 1).get(1).hz();
    assertThat(pure / 130.8128).isCloseTo(1.5, within(1e-5));
    assertThat(1200 * Math.log(pure / equal) / Math.log(2)).isCloseTo(1.955, within(0.001));
  }

  @Test
  void anyNoteMayBeNamed() throws Exception {
    assertThat(tones("A3", false, 1).get(0).hz()).isCloseTo(220, within(1e-9));
    assertThat(tones("bb2", false, 1).get(0).hz()).isCloseTo(116.54, within(0.01));
  }

  @Test
  void theRootOfEachBarChangesWithTheChord() throws Exception {
    List<Tone> tones = tones("chord", true, 2);
    assertThat(tones).hasSize(6);
    assertThat(tones.get(1).hz() / tones.get(0).hz()).isCloseTo(1.5, within(1e-9));
    assertThat(tones.get(1).fromSeconds()).isCloseTo(4, within(1e-9));
    assertThat(tones.get(3).fromSeconds()).isCloseTo(12, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"H3", "A", "A9", "third", ""})
  void whatIsNoToneIsRefused(String what) {
    assertThatThrownBy(() -> new Drone(what, false))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("tonic");
  }

  @Test
  void theFifthHasItsRootBelow() throws Exception {
    List<SoundPlan.Tone> tones = tones("fifth", true, 1);
    assertThat(tones).hasSize(2);
    assertThat(tones.get(1).hz() / tones.get(0).hz()).isCloseTo(1.5, within(1e-9));
  }
}
