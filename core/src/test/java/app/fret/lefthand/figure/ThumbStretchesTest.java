package app.fret.lefthand.figure;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Where the thumb may rest on the strings (common practice, no source). */
class ThumbStretchesTest {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 96);

  /** By note: where the thumb may rest, 0 for nowhere. */
  private static int[] bases(String instrument, String music) {
    Player player = Player.of("", Instruments.named(instrument));
    Brief brief = Briefs.of(Music.passage(music), player, TEMPO);
    int[] bases = new int[brief.notes().size()];
    for (ThumbStretch stretch : ThumbStretches.of(brief)) {
      for (int i = 0; i < stretch.bases().size(); i++) {
        bases[stretch.first() + i] = stretch.bases().get(i);
      }
    }
    return bases;
  }

  private static int[] all(int notes, int base) {
    int[] bases = new int[notes];
    Arrays.fill(bases, base);
    return bases;
  }

  @Test
  void brokenThirdsOverAnOctaveLieInOneFrame() {
    String music = "Bb3/16 D4/16 C4/16 Eb4/16 D4/16 F4/16 Eb4/16 G4/16 F4/16 A4/16 G4/16 Bb4/16";
    assertThat(bases("cello", music)).isEqualTo(all(12, 8));
    assertThat(bases("violin", music)).as("no thumb on the violin").containsOnly(0);
  }

  @Test
  void aScaleThatPassesThroughIsNoFigureOfTheThumb() {
    String music =
        "G3/16 A3/16 Bb3/16 C4/16 D4/16 Eb4/16 F4/16 G4/16 A4/16 Bb4/16 A4/16 G4/16 F4/16 Eb4/16"
            + " D4/16 C4/16 Bb3/16 A3/16 G3/16";
    assertThat(bases("cello", music)).containsOnly(0);
  }

  @Test
  void whatOneHandHoldsOnTheNeckNeedsNoThumb() {
    assertThat(bases("cello", "E4/16 D4/16 E4/16 C4/16 D4/16 B3/16 C4/16 A3/16 B3/16 E4/16"))
        .containsOnly(0);
  }

  @Test
  void theThumbRestsOverTheHarmonicsOfTheOctave() {
    String music = "D4/16 F#4/16 E4/16 G4/16 F#4/16 A4/16 B4/16 A4/16 C#5/16 B4/16 D5/16 A4/16";
    assertThat(bases("cello", music)).isEqualTo(all(12, 12));
  }

  @Test
  void aLongNoteOrARestEndsAStretch() {
    String figure = "D4/16 F#4/16 E4/16 A4/16 F#4/16 D5/16 A4/16 F#4/16";
    String higher = "E4/16 G4/16 F#4/16 B4/16 G4/16 E5/16 B4/16 G4/16";
    int[] bases = bases("cello", figure + " D4/2 " + higher + " E4/2");
    assertThat(Arrays.copyOfRange(bases, 0, 9)).isEqualTo(all(9, 12));
    assertThat(Arrays.copyOfRange(bases, 9, 18)).isEqualTo(all(9, 14));
  }

  @Test
  void brokenOctavesCarryTheThumbWithThem() {
    assertThat(bases("cello", "A3/16 A4/16 B3/16 B4/16 C4/16 C5/16 F3/16 F4/16 E3/16 E4/16"))
        .as("on the two upper strings, and on the next where those lie too low")
        .containsExactly(7, 7, 9, 9, 10, 10, 10, 10, 9, 9);
  }

  @Test
  void twoOctavesMakeNoStretch() {
    assertThat(bases("cello", "A3/16 A4/16 B3/16 B4/16 E3/4")).containsOnly(0);
  }
}
