package app.fret.lefthand.figure;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import org.junit.jupiter.api.Test;

/** Trills written out in notes (common practice, no source). */
class WrittenTrillsTest {
  private static boolean[] trills(String music) {
    Player player = Player.of("", Instruments.named("violin"));
    Tempo tempo = new Tempo(BeatUnit.QUARTER, 80);
    return WrittenTrills.of(Briefs.of(Music.passage(music), player, tempo));
  }

  @Test
  void fiveQuickNotesInTurnAreATrillFromTheSecondOn() {
    assertThat(trills("A4/16 B4/16 A4/16 B4/16 A4/16 G4/16 A4/8 r/2"))
        .containsExactly(false, true, true, true, true, false, false);
  }

  @Test
  void fourAreNone() {
    assertThat(trills("A4/16 B4/16 A4/16 B4/16 C5/8 r/8 r/2")).containsOnly(false);
  }

  @Test
  void aThirdOrARepeatedNoteInTurnIsNone() {
    assertThat(trills("A4/16 C5/16 A4/16 C5/16 A4/16 C5/16 A4/8 r/2")).containsOnly(false);
    assertThat(trills("A4/16 A4/16 A4/16 A4/16 A4/16 A4/16 A4/8 r/2")).containsOnly(false);
  }

  @Test
  void slowNotesInTurnAreATune() {
    assertThat(trills("A4/4 B4/4 A4/4 B4/4 | A4/4 B4/4 A4/2")).containsOnly(false);
  }

  @Test
  void aTrillThatMovesOnSharesNoNoteWithTheNext() {
    assertThat(trills("A4/16 B4/16 A4/16 B4/16 A4/16 B4/16 C5/16 B4/16 C5/16 B4/16 C5/8 r/8 r/16"))
        .containsExactly(false, true, true, true, true, true, true, true, true, true, false);
  }
}
