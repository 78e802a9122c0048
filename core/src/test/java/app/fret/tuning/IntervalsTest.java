package app.fret.tuning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.harmony.Chord;
import app.fret.harmony.Tonic;
import app.fret.score.Key;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Intervals, keys and chords against tables a general music-theory library made: tonal 6.4.3; see
 * the head of each table.
 */
class IntervalsTest {
  @ParameterizedTest
  @CsvFileSource(resources = "intervals.csv")
  void intervalsAreThoseOfATheoryLibrary(
      String low, String high, int steps, int semitones, String name) {
    Interval interval = Interval.between(WrittenPitch.parse(low), WrittenPitch.parse(high));
    assertThat(interval.steps()).as(name).isEqualTo(steps);
    assertThat(Math.floorMod(interval.semitones(), 12)).as(name).isEqualTo(semitones);
  }

  @ParameterizedTest
  @CsvFileSource(resources = "keys.csv")
  void keysAreThoseOfATheoryLibrary(int fifths, String tonic, String scale, String minor) {
    Key key = new Key(fifths);
    for (String letter : scale.split(" ")) {
      Step step = Step.valueOf(letter.substring(0, 1));
      int alter = letter.length() == 1 ? 0 : letter.charAt(1) == '#' ? 1 : -1;
      assertThat(key.alterOf(step)).as(letter).isEqualTo(alter);
    }
    Tonic major = Tonic.of(key, List.of());
    assertThat(major.name()).isEqualTo(tonic.replace('#', '♯').replace('b', '♭'));
    assertThat(major.fifth()).isEqualTo(scale.split(" ")[4].replace('#', '♯').replace('b', '♭'));
    assertThat(minor).isNotBlank();
  }

  @ParameterizedTest
  @CsvFileSource(resources = "chords.csv")
  void chordsAreNamedAsATheoryLibrarySpellsThem(String root, Chord.Quality quality, String notes) {
    List<WrittenPitch> pitches =
        Arrays.stream(notes.split(" ")).map(n -> WrittenPitch.parse(n + "4")).toList();
    Chord chord = Chord.of(pitches).orElseThrow();
    boolean symmetric = quality == Chord.Quality.AUGMENTED;
    assertThat(chord.quality()).isEqualTo(quality);
    if (!symmetric) {
      assertThat(Tonic.name(chord.root(), chord.alter()))
          .isEqualTo(root.replace('#', '♯').replace('b', '♭'));
    }
  }

  /** Just ratios against equal temperament, as in Helmholtz, On the Sensations of Tone. */
  @ParameterizedTest
  @CsvSource({
    "C4, Db4, 11.7", "C4, D4, 3.9", "C4, Eb4, 15.6", "C4, E4, -13.7", "C4, F4, -2.0",
    "C4, F#4, -9.8", "C4, Gb4, 9.8", "C4, G4, 2.0", "C4, Ab4, 13.7", "C4, A4, -15.6",
    "C4, Bb4, 17.6", "C4, B4, -11.7", "C4, C5, 0"
  })
  void justIntervalsLieSoFarFromTheKeyboard(String low, String high, double cents) {
    Interval interval = Interval.between(WrittenPitch.parse(low), WrittenPitch.parse(high));
    assertThat(interval.justCents()).isCloseTo(cents, within(0.05));
  }

  @ParameterizedTest
  @CsvSource({"C4, Bb4, -3.9", "C4, E4, -13.7"})
  void theSeventhOfADominantIsNarrower(String low, String high, double cents) {
    Interval interval = Interval.between(WrittenPitch.parse(low), WrittenPitch.parse(high));
    assertThat(interval.justCentsInDominantSeventh()).isCloseTo(cents, within(0.05));
  }
}
