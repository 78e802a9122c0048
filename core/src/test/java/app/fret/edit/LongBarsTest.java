package app.fret.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LongBarsTest {
  private final Passage passage =
      Music.passage("C5/4 D5/4 E5/4 F5/4 | G4/4 A4/4 B4/4 C5/2 D5/4 E5/2 | F5/1");

  private static String told(Passage music) {
    return music.events().stream()
        .map(
            e ->
                e.bar()
                    + ":"
                    + (e instanceof Sounding s
                        ? s.notes().get(0).written() + (s.notes().get(0).tiedTo() ? "~" : "")
                        : "r"))
        .collect(Collectors.joining(" "));
  }

  @Test
  void aLineIsSetWhereverTheMetreIsFullAndTheNoteOverItIsTied() {
    Passage split = LongBars.SPLIT.mend(Manuscript.of(passage), 1).passage();
    assertThat(told(split))
        .isEqualTo("0:C5 0:D5 0:E5 0:F5 1:G4 1:A4 1:B4 1:C5~ 2:C5 2:D5 2:E5 3:F5");
    assertThat(split.bars()).extracting(Bar::label).containsExactly("1", "2", "3", "4");
    assertThat(split.bars()).noneMatch(Bar::isOverlong);
    assertThat(PlayedNote.of(split)).hasSize(PlayedNote.of(passage).size());
  }

  @Test
  void madeFreeItKeepsAllAndTheMetreHoldsAgainBehindIt() {
    Passage free = LongBars.FREE.mend(Manuscript.of(passage), 1).passage();
    assertThat(told(free)).isEqualTo(told(passage));
    assertThat(free.bars()).extracting(b -> b.metre().isFree()).containsExactly(false, true, false);
  }

  @Test
  void whatLiesBehindTheMetreIsDropped() {
    Passage cut = LongBars.DROP.mend(Manuscript.of(passage), 1).passage();
    assertThat(told(cut))
        .isEqualTo("0:C5 0:D5 0:E5 0:F5 1:G4 1:A4 1:B4 1:C5~ 2:F5".replace("~", ""));
    assertThat(cut.bars()).noneMatch(Bar::isOverlong);
  }

  @ParameterizedTest
  @ValueSource(strings = {"violin", "viola", "cello"})
  void aBarThatIsTooLongIsPlannedAsItStands(String instrument) {
    for (String bars :
        List.of(
            "C5/4 D5/4 E5/4 F5/4 G5/4",
            "C5/8 D5/8 E5/8 F5/8 C5/8 D5/8 E5/8 F5/8 C5/8 D5/8 E5/8 F5/8 | C5/1",
            "C5/4 D5/4 E5/4 F5/4 | (G4/4 A4/4 B4/4 C5/2) D5/4 G4+E5/2 | F5/1",
            "C5/4 | G4/1 A4/1 B4/1 C5/1 D5/4. | F5/1")) {
      Passage music = Music.passage(bars);
      assertThat(music.bars()).anyMatch(Bar::isOverlong);
      assertThatCode(
              () -> {
                Study study =
                    Study.of(
                        music,
                        Player.of("", Instruments.named(instrument)),
                        Choices.at(new Tempo(BeatUnit.QUARTER, 80)));
                assertThat(study.bow().strokes()).isNotEmpty();
                assertThat(study.drills()).isNotNull();
              })
          .as(instrument + ": " + bars)
          .doesNotThrowAnyException();
    }
  }
}
