package app.fret.desktop.model.passage;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.LogEntry;
import app.fret.desktop.MovingClock;
import app.fret.desktop.model.OverDemo;
import app.fret.practice.log.TappedPass;
import app.fret.score.Tempo;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A pass that is tapped along, over the demo book. */
class TapDeskTest extends OverDemo {
  private final MovingClock clock = new MovingClock("2026-11-26T09:00:00Z");
  private TapDesk taps;
  private Tempo meant;

  TapDeskTest() {
    super(2);
  }

  @BeforeEach
  void begin() {
    taps = new TapDesk(passage(), clock);
    meant = passage().practise().freeTempo();
  }

  private void tap(int times, double perMinute) {
    for (int i = 0; i < times; i++) {
      taps.tap(meant);
      clock.move(Duration.ofNanos(Math.round(60e9 / perMinute)));
    }
  }

  private TappedPass tapped() {
    return taps.tappedProperty().get().orElseThrow();
  }

  @Test
  void eachBarHasTheTempoItWasTappedAt() {
    tap(9, meant.perMinute() * 1.1);
    assertThat(tapped().bars()).hasSize(2);
    assertThat(tapped().bars().get(1).perMinute())
        .isBetween(1.09 * meant.perMinute(), 1.11 * meant.perMinute());
    String first =
        passage().study().passage().bars().stream()
            .filter(b -> !b.uncounted())
            .findFirst()
            .orElseThrow()
            .label();
    assertThat(tapped().bars().get(0).label()).isEqualTo(first);
  }

  @Test
  void tappingBeginsAtTheSelectedBarAndAnewAfterASilence() {
    int note = (int) passage().study().notes().stream().filter(n -> n.bar() < 3).count();
    passage().select(note);
    tap(9, meant.perMinute());
    String label = passage().study().passage().bars().get(3).label();
    assertThat(tapped().bars().get(0).label()).isEqualTo(label);
    clock.move(Duration.ofSeconds(20));
    tap(2, meant.perMinute());
    assertThat(tapped().bars()).isEmpty();
  }

  @Test
  void aPassThatIsLoggedEndsItsTapping() {
    PractiseDesk practise = passage().practise();
    practise.tap();
    assertThat(practise.taps().tappedProperty().get()).isPresent();
    List<LogEntry> before = List.copyOf(passage().passes().entries());
    practise.log(true);
    assertThat(practise.taps().tappedProperty().get()).as("the next pass begins anew").isEmpty();
    assertThat(passage().passes().entries()).hasSize(before.size() + 1);
  }
}
