package app.fret.lefthand.figure;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import org.junit.jupiter.api.Test;

class ChromaticRunsTest {
  private static boolean[] runs(String music) {
    Player player = Player.of("", Instruments.named("violin"));
    Tempo tempo = new Tempo(BeatUnit.QUARTER, 96);
    return ChromaticRuns.of(Briefs.of(Music.passage(music), player, tempo));
  }

  @Test
  void threeHalfStepsOneWayAreARun() {
    assertThat(runs("G4/8 A4/8 Bb4/8 B4/8 C5/8 E5/8 r/4"))
        .containsExactly(false, true, true, true, true, false);
  }

  @Test
  void twoAreNone() {
    assertThat(runs("A4/8 Bb4/8 B4/8 D5/8 r/2")).containsOnly(false);
  }

  @Test
  void upAndDownAgainAreTwoRunsThatShareTheirTop() {
    assertThat(runs("A4/8 Bb4/8 B4/8 C5/8 B4/8 Bb4/8 A4/8 G4/8"))
        .containsExactly(true, true, true, true, true, true, true, false);
  }

  @Test
  void turningBackAndForthIsNoRun() {
    assertThat(runs("B4/8 C5/8 B4/8 C5/8 B4/8 C5/8 B4/8 C5/8")).containsOnly(false);
  }

  @Test
  void aChordBreaksARun() {
    assertThat(runs("A4/8 Bb4/8 G4+B4/8 C5/8 r/2")).containsOnly(false);
  }
}
