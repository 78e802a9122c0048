package app.fret.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.testing.Music;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ScoreValuesTest {
  /** MIDI note numbers. Source: the MIDI 1.0 specification (60 is middle C), from memory. */
  @ParameterizedTest
  @CsvSource({"C4,60", "A4,69", "G3,55", "F#4,66", "Bb3,58", "C##5,74", "Cb4,59", "B#3,60"})
  void pitchNamesMeanTheirSemitones(String name, int semitone) {
    assertThat(WrittenPitch.parse(name).semitone()).isEqualTo(semitone);
    assertThat(WrittenPitch.parse(name).toString()).isEqualTo(name);
  }

  @ParameterizedTest
  @ValueSource(strings = {"H4", "C", "C#b4", "C###4", "c4", ""})
  void aTextThatIsNoPitchIsRefusedWithAnExample(String name) {
    assertThatThrownBy(() -> WrittenPitch.parse(name))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("write one like F#4");
  }

  @Test
  void doubleAlterationsAreTheLastAllowed() {
    assertThat(new WrittenPitch(Step.C, 2, 4).toString()).isEqualTo("C##4");
    assertThatThrownBy(() -> new WrittenPitch(Step.C, 3, 4))
        .hasMessageContaining("beyond a double accidental");
  }

  @Test
  void dotsAndTupletsMultiplyExactly() {
    assertThat(WrittenLength.of(NoteValue.QUARTER, 2).length()).isEqualTo(Fraction.of(7, 16));
    assertThat(new WrittenLength(NoteValue.EIGHTH, 0, new TupletRatio(3, 2)).length())
        .isEqualTo(Fraction.of(1, 12));
  }

  /** The order of sharps and flats: any theory primer. */
  @Test
  void keySignaturesAlterTheirLetters() {
    assertThat(new Key(2).alterOf(Step.F)).isEqualTo(1);
    assertThat(new Key(2).alterOf(Step.C)).isEqualTo(1);
    assertThat(new Key(2).alterOf(Step.G)).isZero();
    assertThat(new Key(-3).alterOf(Step.B)).isEqualTo(-1);
    assertThat(new Key(-3).alterOf(Step.A)).isEqualTo(-1);
    assertThat(new Key(-3).alterOf(Step.D)).isZero();
  }

  /** Beat groups of common metres: common practice, no source. */
  @ParameterizedTest
  @CsvSource({
    "4,4,'1/4 1/4 1/4 1/4'", "3,4,'1/4 1/4 1/4'", "2,2,'1/2 1/2'", "6,8,'3/8 3/8'",
    "9,8,'3/8 3/8 3/8'", "5,8,'3/8 1/4'", "7,8,'3/8 1/4 1/4'", "3,8,'3/8'"
  })
  void metresFallIntoTheirBeats(int upper, int unit, String beats) {
    List<String> lengths =
        Metre.of(upper, unit).beats().stream().map(f -> f.toString().replace(" ", "")).toList();
    assertThat(String.join(" ", lengths)).isEqualTo(beats);
  }

  @Test
  void aPrintedSumOfGroupsIsKept() {
    Metre metre = new Metre(List.of(2, 3), 8, Metre.Sign.FIGURES);
    assertThat(metre.beats()).containsExactly(Fraction.of(1, 4), Fraction.of(3, 8));
    assertThat(metre.toString()).isEqualTo("2+3/8");
  }

  /** Common practice: twice as many quarters as halves, four times as many eighths. */
  @Test
  void oneTempoHasManyUnits() {
    Tempo half = new Tempo(BeatUnit.HALF, 66);
    assertThat(half.in(BeatUnit.QUARTER).perMinute()).isEqualTo(132);
    assertThat(half.in(BeatUnit.EIGHTH).perMinute()).isEqualTo(264);
    assertThat(half.seconds(Fraction.of(1, 4))).isCloseTo(60.0 / 132, within(1e-12));
  }

  @Test
  void clefsNameTheirLines() {
    assertThat(Clef.TREBLE.bottomLineStep()).isEqualTo(WrittenPitch.parse("E4").staffStep());
    assertThat(Clef.BASS.bottomLineStep()).isEqualTo(WrittenPitch.parse("G2").staffStep());
    assertThat(Clef.ALTO.bottomLineStep()).isEqualTo(WrittenPitch.parse("F3").staffStep());
    assertThat(Clef.TENOR.bottomLineStep()).isEqualTo(WrittenPitch.parse("D3").staffStep());
  }

  @Test
  void aSpanBeyondTheMusicIsRefused() {
    Passage passage = Music.passage("D5/4");
    assertThatThrownBy(
            () ->
                new Passage(
                    "t",
                    "p",
                    passage.bars(),
                    passage.events(),
                    List.of(new Span(0, 1)),
                    List.of(),
                    Directions.NONE,
                    passage.transposition()))
        .hasMessageContaining("slur reaches event 1 of 1");
  }
}
