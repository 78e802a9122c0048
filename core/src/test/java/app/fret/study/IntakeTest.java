package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.instrument.PlayerSetup;
import app.fret.instrument.StatedTuning;
import app.fret.score.BeatUnit;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class IntakeTest {
  private static final Tempo PLAYBACK = new Tempo(BeatUnit.DOTTED_QUARTER, 60);
  private static final StatedTuning LOW_G = new StatedTuning(new TreeMap<>(Map.of(4, "F3")));
  private final Passage part = Music.passage(Metre.of(6, 8), "C5/4. D5/4. | E5/2. | F5/2.");
  private final Intake intake = new Intake(part, Optional.of(PLAYBACK), LOW_G);

  @Test
  void barsAreFoundByTheirPrintedNumbers() {
    assertThat(intake.cut(intake.bar("2"), intake.bar("3")).bars()).hasSize(2);
    assertThatThrownBy(() -> intake.bar("9")).hasMessage("it has no bar 9; its bars are 1 to 3");
  }

  @Test
  void withoutAWordOfThePlayerThePartSaysHowFast() {
    assertThat(intake.target(part, Optional.empty(), Optional.empty())).isEqualTo(PLAYBACK);
    assertThat(intake.target(part, Optional.empty(), Optional.of("eighth")))
        .isEqualTo(new Tempo(BeatUnit.EIGHTH, 180));
    Intake silent = new Intake(part, Optional.empty(), StatedTuning.NONE);
    assertThat(silent.target(part, Optional.empty(), Optional.empty()))
        .isEqualTo(Intake.ASSUMED_TEMPO);
  }

  @Test
  void aTargetCountsWhatThePartCountsUnlessSaidOtherwise() {
    assertThat(intake.target(part, Optional.of(72.0), Optional.empty()))
        .isEqualTo(new Tempo(BeatUnit.DOTTED_QUARTER, 72));
    assertThat(intake.target(part, Optional.of(36.0), Optional.of("bar")))
        .isEqualTo(new Tempo(BeatUnit.bar(part.bars().get(0).metre()), 36));
  }

  @Test
  void thePartTunesThePlayerUnlessTheyTuneThemselves() {
    Player violinist = Player.of("", Instruments.named("violin"));
    assertThat(intake.player(violinist, false).instrument().open(4).midi()).isEqualTo(53);
    assertThat(intake.player(violinist, true)).isEqualTo(violinist);
    assertThat(intake.player(PlayerSetup.usual("violin"), "A").instrument().open(4).midi())
        .isEqualTo(53);
  }
}
