package app.fret.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.score.Metre;
import app.fret.testing.Music;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Equal material is found wherever it begins. */
class MaterialTest {
  private static final String TUNE = "A4/8 B4/8 C5/8 D5/8 | E5/4 C5/8 A4/8";

  private static Material of(String words) {
    return Material.of(PlayedNote.of(Music.passage(Metre.of(2, 4), words)));
  }

  @ParameterizedTest
  @CsvSource({
    "A4/8 B4/8 C5/8 D5/8 | E5/4 C5/8 A4/8, 1",
    "E5/8 F#5/8 G5/8 A5/8 | B5/4 G5/8 E5/8, 1",
    "A5/8 B5/8 C6/8 D6/8 | E6/4 C6/8 A5/8, 1",
    "A4/8 B4/8 C#5/8 D5/8 | E5/4 C5/8 A4/8, 0.428571",
    "A4/8 B4/8 C5/8 D5/8 | E5/8 C5/8 A4/4, 0.571429",
    "A4/4 C5/4 | E5/2, 0"
  })
  void equalTransposedAndOctaveMovedBarsAreTheSame(String other, double share) {
    assertThat(of(TUNE).shareIn(of(other))).isCloseTo(share, within(1e-5));
  }

  /** The excerpt is all in the movement; most of the movement is not in the excerpt. */
  @Test
  void aShareIsOfTheOneThatAsks() {
    Material excerpt = of(TUNE);
    Material movement = of(TUNE + " | G4/8 E4/8 D4/8 C4/8 | C4/16 D4/16 E4/16 F4/16 G4/8 C4/8");
    assertThat(excerpt.shareIn(movement)).isEqualTo(1);
    assertThat(movement.shareIn(excerpt)).isCloseTo(7 / 17.0, within(1e-9));
  }

  @Test
  void longNotesAreNoMaterial() {
    Material held = of("C5/2 | D5/2");
    assertThat(held.bars()).isEmpty();
    assertThat(held.shareIn(held)).isZero();
  }
}
