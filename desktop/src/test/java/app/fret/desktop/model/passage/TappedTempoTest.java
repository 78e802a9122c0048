package app.fret.desktop.model.passage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.desktop.MovingClock;
import java.time.Duration;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** A tempo tapped along, by a clock that the test moves on. */
class TappedTempoTest {
  private final MovingClock clock = new MovingClock("2026-11-26T08:00:00Z");
  private final TappedTempo taps = new TappedTempo(clock);

  private OptionalDouble tapAfter(long millis) {
    clock.move(Duration.ofMillis(millis));
    return taps.tap();
  }

  @Test
  void theFourthTapTellsATempo() {
    assertThat(tapAfter(0)).isEmpty();
    assertThat(tapAfter(600)).isEmpty();
    assertThat(tapAfter(600)).isEmpty();
    assertThat(tapAfter(600).orElseThrow()).isCloseTo(100, within(1e-9));
  }

  @Test
  void unevenTapsAreAveraged() {
    tapAfter(0);
    tapAfter(480);
    tapAfter(520);
    assertThat(tapAfter(500).orElseThrow()).isCloseTo(120, within(1e-9));
  }

  @Test
  void onlyTheLatestEightTapsCount() {
    tapAfter(0);
    for (int i = 0; i < 6; i++) {
      tapAfter(1000);
    }
    for (int i = 0; i < 6; i++) {
      tapAfter(500);
    }
    assertThat(tapAfter(500).orElseThrow()).isCloseTo(120, within(1e-9));
  }

  @Test
  void aSilenceBeginsAnew() {
    for (int i = 0; i < 6; i++) {
      tapAfter(500);
    }
    assertThat(tapAfter(3100)).isEmpty();
    tapAfter(1000);
    tapAfter(1000);
    assertThat(tapAfter(1000).orElseThrow()).isCloseTo(60, within(1e-9));
  }
}
