package app.fret.lefthand.figure;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import org.junit.jupiter.api.Test;

/** Chords broken over the strings (common practice, no source). */
class BrokenChordsTest {
  private static int[] steps(String music) {
    Player player = Player.of("", Instruments.named("violin"));
    Tempo tempo = new Tempo(BeatUnit.QUARTER, 96);
    return BrokenChords.of(Briefs.of(Music.passage(music), player, tempo));
  }

  @Test
  void aSweepOverFourStringsIsAChord() {
    assertThat(steps("G3/16 D4/16 B4/16 G5/16 r/4 A4/2")).containsExactly(0, 1, 1, 1, 0);
  }

  @Test
  void aChordThatComesBackIsOneOnTheWayDownToo() {
    assertThat(steps("G3/16 D4/16 B4/16 G5/16 B4/16 D4/16 r/8 A4/2"))
        .containsExactly(0, 1, 1, 1, -1, -1, 0);
  }

  @Test
  void threePitchesMustComeBack() {
    assertThat(steps("D4/16 B4/16 G5/16 r/16 A4/2")).containsOnly(0);
    assertThat(steps("D4/16 B4/16 G5/16 B4/16 D4/16 B4/16 r/8 A4/2"))
        .containsExactly(0, 1, 1, -1, -1, 1, 0);
  }

  @Test
  void whatNoHandHoldsIsNoChord() {
    assertThat(steps("G3/16 Bb3/16 C#4/16 E4/16 r/4 A4/2")).containsOnly(0);
  }

  @Test
  void neighboursAreNoChord() {
    assertThat(steps("D4/16 E4/16 B4/16 G5/16 B4/16 E4/16 r/8 A4/2")).containsOnly(0);
  }
}
