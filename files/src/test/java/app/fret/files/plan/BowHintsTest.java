package app.fret.files.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Hints for the stand: each once, with its bars. */
class BowHintsTest {
  private static List<String> hints(String music) throws Exception {
    Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, 80));
    return BowHints.of(
        Study.of(Music.passage(music), Player.of("", Instruments.named("violin")), choices));
  }

  @Test
  void aHintIsSaidOnceWithAllItsBars() throws Exception {
    List<String> hints =
        hints("(D5/4 E5/4) (F5/4 G5/4) | G5/1 | A5/1 | B5/1 | (A5/4 G5/4) (F5/4 E5/4) | E5/1");
    assertThat(hints)
        .containsOnlyOnce("Bow, bars 1, 5: Let the last note of the stroke sound a little longer.");
  }

  @Test
  void oneBarIsNamedAlone() throws Exception {
    assertThat(hints("D5/1 | (E5/4 F5/4) (G5/4 F5/4) | A5/1"))
        .anyMatch(h -> h.startsWith("Bow, bar 2: Let the last note"));
  }

  @Test
  void manyBarsAreCounted() throws Exception {
    String bar = "(D5/4 E5/4) (F5/4 G5/4)";
    assertThat(hints(String.join(" | ", Collections.nCopies(36, bar))))
        .as("a hint comes again after four bars")
        .anyMatch(h -> h.startsWith("Bow, in 9 bars: "));
  }

  @Test
  void withoutHintsThereIsNothingToSay() throws Exception {
    assertThat(hints("D5/4 E5/4 F5/4 G5/4")).isEmpty();
  }
}
