package app.fret.desktop.model.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.edit.StaffPen;
import app.fret.score.Bar;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class StaffMarkTest {
  private static Passage marked(String words) {
    StaffPen pen = StaffPen.over(Music.passage("C5/4 D5/4 E5/4 F5/4"));
    return StaffMark.of(words).apply(pen).music().passage();
  }

  private static Bar bar(String words) {
    return marked(words).bars().get(0);
  }

  @ParameterizedTest
  @ValueSource(strings = {"p", "mf", "ff", "sfz", "fp"})
  void lettersOfLoudnessAreDynamics(String sign) {
    assertThat(marked(sign).directions().dynamics())
        .singleElement()
        .extracting(d -> d.sign())
        .isEqualTo(sign);
  }

  @ParameterizedTest
  @CsvSource({
    "key D, 2",
    "key f minor, -4",
    "key Bb, -2",
    "key F#m, 3",
    "key c major, 0",
    "key C♯, 7"
  })
  void keysAreNamedAsPlayersNameThem(String words, int fifths) {
    assertThat(bar(words).key().fifths()).isEqualTo(fifths);
  }

  @Test
  void metresClefsAndTempiAreUnderstood() {
    assertThat(bar("3+2/8").metre().groups()).containsExactly(3, 2);
    assertThat(marked("clef alto").bars())
        .last()
        .extracting(b -> b.clefs().get(0).clef())
        .isEqualTo(Clef.ALTO);
    assertThat(marked("tempo 96").printedTempo()).contains(new Tempo(BeatUnit.QUARTER, 96));
    assertThat(marked("dotted-quarter = 66").printedTempo())
        .contains(new Tempo(BeatUnit.DOTTED_QUARTER, 66));
  }

  @Test
  void otherWordsStandOverTheStaff() {
    assertThat(marked("sul tasto").directions().words())
        .singleElement()
        .extracting(w -> w.text())
        .isEqualTo("sul tasto");
  }

  @ParameterizedTest
  @ValueSource(strings = {"3/5", "key G# major", "0/4"})
  void whatThereIsNotIsRefusedWithWhatToWrite(String words) {
    assertThatThrownBy(() -> StaffMark.of(words)).hasMessageContaining("write");
  }
}
