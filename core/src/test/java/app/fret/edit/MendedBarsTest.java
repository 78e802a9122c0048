package app.fret.edit;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.testing.Music;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class MendedBarsTest {
  /** A bar of one note for each letter. */
  private static Passage bars(String letters) {
    return Music.passage(
        Metre.of(2, 4),
        Arrays.stream(letters.split("")).map(l -> l + "5/2").collect(Collectors.joining(" | ")));
  }

  @Test
  void equalMusicHasNoMendedBar() {
    assertThat(MendedBars.of(bars("CDEF"), bars("CDEF"))).isEmpty();
  }

  @Test
  void aBarWithAnotherNoteIsNamed() {
    assertThat(MendedBars.of(bars("CDEF"), bars("CDGF"))).containsExactly(2);
  }

  @Test
  void aBarPutInIsNamedAndPushesNoneOutOfItsMatch() {
    assertThat(MendedBars.of(bars("CDGEF"), bars("CDEF"))).containsExactly(2);
    assertThat(MendedBars.of(bars("CDEF"), bars("CDGEF"))).isEmpty();
  }

  @Test
  void changesFarApartAreFoundBetweenTheirLikes() {
    assertThat(MendedBars.of(bars("ACDEFB"), bars("GCDEFG"))).containsExactly(0, 5);
    assertThat(MendedBars.of(bars("ACDEFB"), bars("CDGEF"))).containsExactly(0, 5);
  }
}
