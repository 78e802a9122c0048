package app.fret.bow.stroke;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BowPlaceTest {
  @ParameterizedTest
  @CsvSource({
    "0, at the frog (0.00)",
    "0.07, at the frog (0.07)",
    "0.2, near the frog (0.20)",
    "0.3, in the lower half (0.30)",
    "0.5, in the middle (0.50)",
    "0.7, in the upper half (0.70)",
    "0.85, near the tip (0.85)",
    "1, at the tip (1.00)"
  })
  void aPlaceIsSaidAsPlayersSayItWithItsFigure(double place, String words) {
    assertThat(BowPlace.words(place)).isEqualTo(words);
  }
}
