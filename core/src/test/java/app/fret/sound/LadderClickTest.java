package app.fret.sound;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.practice.Ladder;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The unit of the click up the ladder; common practice, no source. */
class LadderClickTest {
  private static List<ClickKind> kinds(double target) {
    Ladder ladder = Ladder.to(new Tempo(BeatUnit.QUARTER, target), OptionalDouble.empty());
    return IntStream.range(0, ladder.rungs().size())
        .mapToObj(rung -> LadderClick.of(ladder, rung))
        .toList();
  }

  @Test
  void theBeatComesFirstAndEveryOtherBeatNearTheTarget() {
    ClickKind beat = ClickKind.BEAT;
    ClickKind half = ClickKind.HALF;
    assertThat(kinds(120)).containsExactly(beat, beat, beat, beat, half, half, half);
  }

  @Test
  void belowWhatAMetronomeGivesTheHalvesAreClicked() {
    assertThat(kinds(60).get(0)).isEqualTo(ClickKind.HALVES);
    assertThat(kinds(60)).endsWith(ClickKind.HALF);
  }
}
