package app.fret.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;

/** How repeats and endings are played is common practice, no source. */
class PlayOrderTest {
  private static final Bar.Edges PLAIN = Bar.Edges.PLAIN;

  private static Bar.Edges start() {
    return new Bar.Edges(true, 0, Optional.empty(), false, Bar.Line.PLAIN);
  }

  private static Bar.Edges back(int times) {
    return new Bar.Edges(false, times, Optional.empty(), false, Bar.Line.PLAIN);
  }

  private static Bar.Edges ending(String text, int times) {
    return new Bar.Edges(false, times, Optional.of(text), true, Bar.Line.PLAIN);
  }

  private static Passage bars(Bar.Edges... edges) {
    PassageBuilder passage = new PassageBuilder();
    for (Bar.Edges each : edges) {
      passage.bar().edges(each).restForWholeBar();
    }
    return passage.build();
  }

  @Test
  void withoutRepeatsBarsFollowEachOther() {
    assertThat(PlayOrder.of(bars(PLAIN, PLAIN, PLAIN)).bars()).containsExactly(0, 1, 2);
  }

  @Test
  void aRepeatGoesBackToItsStartOrToTheStartOfTheMusic() {
    assertThat(PlayOrder.of(bars(PLAIN, back(2), PLAIN)).bars()).containsExactly(0, 1, 0, 1, 2);
    assertThat(PlayOrder.of(bars(PLAIN, start(), back(3), PLAIN)).bars())
        .containsExactly(0, 1, 2, 1, 2, 1, 2, 3);
    assertThat(PlayOrder.of(bars(PLAIN, back(2), PLAIN, back(2))).bars())
        .as("after a repeat the next goes back to the bar behind it")
        .containsExactly(0, 1, 0, 1, 2, 3, 2, 3);
  }

  @Test
  void eachEndingIsPlayedAtItsTime() {
    assertThat(PlayOrder.of(bars(PLAIN, ending("1", 2), ending("2", 0), PLAIN)).bars())
        .containsExactly(0, 1, 0, 2, 3);
    assertThat(PlayOrder.of(bars(PLAIN, ending("1, 2", 2), ending("3", 0))).bars())
        .containsExactly(0, 1, 0, 1, 0, 2);
  }

  @Test
  void repeatsCountInTheSecondsOfAPass() {
    TempoMap sixty = TempoMap.constant(new Tempo(BeatUnit.QUARTER, 60));
    assertThat(PlayOrder.seconds(bars(PLAIN, back(2), PLAIN), sixty)).isCloseTo(20, within(1e-9));
    Passage endings = bars(PLAIN, ending("1, 2", 2), ending("3", 0), PLAIN, back(4));
    assertThat(PlayOrder.of(endings).bars()).hasSize(14);
    assertThat(PlayOrder.seconds(endings, sixty)).isCloseTo(14 * 4, within(1e-9));
  }

  @Test
  void aStartInsideASectionWithoutRepeatLeavesWhatWasBeforePlayedOnce() {
    assertThat(PlayOrder.of(bars(PLAIN, start(), PLAIN)).bars()).containsExactly(0, 1, 2);
  }
}
