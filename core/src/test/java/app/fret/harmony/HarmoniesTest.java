package app.fret.harmony;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.reading.Reading;
import app.fret.score.Clef;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Chords of bars that were worked by hand before the program read them (common practice). */
class HarmoniesTest {
  private static List<Harmony> of(Passage passage) {
    return Harmonies.of(Reading.of(passage));
  }

  private static List<String> signs(Passage passage) {
    return of(passage).stream().map(h -> h.chord().sign() + " " + h.degree()).toList();
  }

  @ParameterizedTest
  @CsvSource({
    // broken chords, with and without their neighbour notes
    "C3/8 E3/8 G3/8 C4/8 E4/8 C4/8 G3/8 E3/8, 0, C I",
    "C4/8 B3/8 C4/8 E4/8 G4/8 F#4/8 G4/8 E4/8, 0, C I",
    "G3/8 B3/8 D4/8 F4/8 D4/8 B3/8 G3/8 F3/8, 0, G7 V7",
    // a tune whose passing notes are as many as its own
    "E4/4 F4/8 G4/8 C5/4 B4/8 C5/8, 0, C I",
    // the leading note of a minor key, and its dominant
    "A3/8 C4/8 E4/8 A4/8 G#4/8 A4/8 E4/8 C4/8, 0, Am i",
    "E3/8 G#3/8 B3/8 E4/8 D4/8 B3/8 G#3/8 E3/8, 0, E7 V7",
    // flats
    "B3/8 D4/8 F4/8 Ab4/8 F4/8 D4/8 B3/8 F4/8, -3, B°7 vii°7",
  })
  void aBarHasTheChordThatMostOfItsWeightBelongsTo(String bar, int fifths, String chord) {
    String ending = fifths == 0 && chord.matches("(Am|E7).*") ? " | A3/4 G#3/4 A3/2" : " | C4/1";
    String ends = fifths < 0 ? " | C4/4 Eb4/4 G4/2" : ending;
    Passage passage = Music.passage(Metre.of(4, 4), fifths, Clef.TREBLE, bar + ends);
    assertThat(signs(passage)).first().isEqualTo(chord);
  }

  @Test
  void halfBarsChangeTheirChord() {
    Passage passage =
        Music.passage(
            "C3/8 E3/8 G3/8 C4/8 G3/8 B3/8 D4/8 F4/8 | C3/8 E3/8 G3/8 C4/8 F3/8 A3/8 C4/8 F4/8");
    assertThat(signs(passage)).containsExactly("C I", "G7 V7", "C I", "F IV");
  }

  @Test
  void whereNoThirdSoundsNothingIsSaid() {
    assertThat(of(Music.passage("C4/4 G4/4 C5/4 G4/4 | D4/2 A4/2"))).isEmpty();
  }

  @Test
  void threeBeatsMayHaveOneChordAndAChordMayLastForBars() {
    Passage passage =
        Music.passage(Metre.of(3, 4), "C4/4 E4/4 G4/4 | C5/4 G4/4 E4/4 | D4/4 G4/4 B4/4 | C4/2.");
    assertThat(of(passage))
        .first()
        .satisfies(h -> assertThat(h.lastNote()).isEqualTo(5))
        .satisfies(h -> assertThat(h.sureness()).isEqualTo(1));
    assertThat(signs(passage)).startsWith("C I", "G V");
  }

  @Test
  void doubleStopsCountLikeLines() {
    assertThat(signs(Music.passage(Metre.of(4, 4), 2, Clef.TREBLE, "D4+F#4/4 D4+A4/4 C#4+A4/2")))
        .first()
        .isEqualTo("D I");
  }
}
