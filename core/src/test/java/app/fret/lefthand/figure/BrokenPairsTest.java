package app.fret.lefthand.figure;

import static app.fret.lefthand.figure.BrokenPairs.Place.NEXT;
import static app.fret.lefthand.figure.BrokenPairs.Place.NONE;
import static app.fret.lefthand.figure.BrokenPairs.Place.SECOND;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import org.junit.jupiter.api.Test;

/** Intervals broken one after another (common practice, no source). */
class BrokenPairsTest {
  private static BrokenPairs.Place[] places(String music) {
    Player player = Player.of("", Instruments.named("violin"));
    Tempo tempo = new Tempo(BeatUnit.QUARTER, 96);
    return BrokenPairs.of(Briefs.of(Music.passage(music), player, tempo));
  }

  @Test
  void twoOctavesInARowArePairs() {
    assertThat(places("A4/16 A5/16 B4/16 B5/16 r/8 C5/4"))
        .containsExactly(NONE, SECOND, NEXT, SECOND, NONE);
  }

  @Test
  void sixthsMustBeThree() {
    assertThat(places("G4/16 E5/16 A4/16 F5/16 r/8 C5/4")).containsOnly(NONE);
    assertThat(places("G4/16 E5/16 A4/16 F5/16 B4/16 G5/16 r/8 C5/2"))
        .containsExactly(NONE, SECOND, NEXT, SECOND, NEXT, SECOND, NONE);
  }

  @Test
  void pairsThatLeapOrStandStillAreNone() {
    assertThat(places("A4/16 A5/16 A4/16 A5/16 r/4")).containsOnly(NONE);
    assertThat(places("A3/16 A4/16 G4/16 G5/16 r/4")).containsOnly(NONE);
  }

  @Test
  void slowNotesAndRestsEndThem() {
    assertThat(places("A4/2 A5/2 | B4/2 B5/2")).containsOnly(NONE);
    assertThat(places("A4/16 A5/16 r/16 B4/16 B5/16 r/16 r/8")).containsOnly(NONE);
  }
}
