package app.fret.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.instrument.Range;
import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.Passage;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Scales and arpeggios as music. */
class ScaleTest {
  private static final Instrument VIOLIN = Instruments.named("violin");

  private static List<WrittenPitch> pitches(Passage music) {
    return PlayedNote.of(music).stream().map(n -> n.notes().get(0).written()).toList();
  }

  private static String words(Scale scale, Instrument instrument) {
    return pitches(scale.music(instrument)).stream()
        .map(WrittenPitch::toString)
        .collect(Collectors.joining(" "));
  }

  /** Facts of the trade: what the scales are made of (common practice, no source). */
  @ParameterizedTest
  @CsvSource({
    "A, 0, MAJOR, A3 B3 C#4 D4 E4 F#4 G#4 A4 G#4 F#4 E4 D4 C#4 B3 A3",
    "A, 0, HARMONIC_MINOR, A3 B3 C4 D4 E4 F4 G#4 A4 G#4 F4 E4 D4 C4 B3 A3",
    "A, 0, MELODIC_MINOR, A3 B3 C4 D4 E4 F#4 G#4 A4 G4 F4 E4 D4 C4 B3 A3",
    "B, -1, MAJOR_ARPEGGIO, Bb3 D4 F4 Bb4 F4 D4 Bb3",
    "C, 1, MINOR_ARPEGGIO, C#4 E4 G#4 C#5 G#4 E4 C#4",
    "F, 1, HARMONIC_MINOR, F#4 G#4 A4 B4 C#5 D5 E#5 F#5 E#5 D5 C#5 B4 A4 G#4 F#4"
  })
  void aScaleHasTheNotesOfItsKind(Step step, int alter, Scale.Kind kind, String notes) {
    assertThat(words(new Scale(step, alter, kind, 1), VIOLIN)).isEqualTo(notes);
  }

  /** Source: the circle of fifths as printed in any primer of theory; here from memory. */
  @ParameterizedTest
  @CsvSource({
    "C, 0, MAJOR, 0",
    "D, 0, MAJOR, 2",
    "E, -1, MAJOR, -3",
    "F, 1, MAJOR, 6",
    "G, -1, MAJOR, -6",
    "A, 0, MELODIC_MINOR, 0",
    "E, 0, HARMONIC_MINOR, 1",
    "B, -1, MINOR_ARPEGGIO, -5",
    "G, 1, HARMONIC_MINOR, 5"
  })
  void theSignatureIsThatOfTheKey(Step step, int alter, Scale.Kind kind, int fifths) {
    Passage music = new Scale(step, alter, kind, 1).music(Instruments.named("cello"));
    assertThat(music.bars().get(0).key().fifths()).isEqualTo(fifths);
  }

  @Test
  void aKeyWithMoreThanSevenSignsIsRefusedInWords() {
    assertThatThrownBy(() -> new Scale(Step.G, 1, Scale.Kind.MAJOR, 1))
        .hasMessage("G♯ major has no key signature; take its other name");
  }

  @Test
  void moreOctavesThanTheInstrumentHasAreRefusedInWords() {
    Scale scale = new Scale(Step.D, 0, Scale.Kind.MAJOR, 4);
    assertThatThrownBy(() -> scale.music(VIOLIN))
        .hasMessage("the violin has 3 octaves of D, not 4");
    assertThat(scale.title()).isEqualTo("D major, 4 octaves");
  }

  /** The property that every scale of every instrument keeps to. */
  @ParameterizedTest
  @ValueSource(strings = {"violin", "viola", "cello", "bass"})
  void everyScaleRisesAndFallsWithinTheInstrument(String name) {
    Instrument instrument = Instruments.named(name);
    List<Passage> all = new ArrayList<>();
    for (Step step : Step.values()) {
      for (Scale.Kind kind : Scale.Kind.values()) {
        for (int octaves = 1; octaves <= 2; octaves++) {
          all.add(new Scale(step, 0, kind, octaves).music(instrument));
        }
      }
    }
    assertThat(all)
        .hasSize(70)
        .allSatisfy(
            music -> {
              assertThatCode(() -> Range.of(instrument).require(music)).doesNotThrowAnyException();
              List<WrittenPitch> pitches = pitches(music);
              int top = pitches.size() / 2;
              assertThat(pitches.subList(0, top + 1)).isSorted();
              assertThat(pitches.get(0)).isEqualTo(pitches.get(pitches.size() - 1));
              Bar last = music.bars().get(music.bars().size() - 1);
              assertThat(music.length()).isEqualTo(last.end());
              assertThat(last.length()).isEqualTo(last.metre().barLength());
            });
  }

  @ParameterizedTest
  @EnumSource
  void everyKindHasItsName(Scale.Kind kind) {
    assertThat(new Scale(Step.A, 0, kind, 2).title())
        .isEqualTo("A " + kind.words() + ", 2 octaves");
  }
}
