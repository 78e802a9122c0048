package app.fret.desktop.model.passage;

import app.fret.practice.log.TappedPass;
import app.fret.practice.log.TappedPass.BarBeats;
import app.fret.score.Bar;
import app.fret.score.Tempo;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** A pass that is tapped along: how fast each bar really was, without a recording. */
public final class TapDesk {
  private static final Duration SILENCE = Duration.ofSeconds(8);
  private static final double NANOS = 1e9;

  private final PassageDesk desk;
  private final Clock clock;
  private final List<Instant> taps = new ArrayList<>();
  private final ReadOnlyObjectWrapper<Optional<TappedPass>> tapped =
      new ReadOnlyObjectWrapper<>(this, "tapped", Optional.empty());

  TapDesk(PassageDesk desk, Clock clock) {
    this.desk = desk;
    this.clock = clock;
  }

  /** What was tapped so far; empty where nothing was. */
  public ReadOnlyObjectProperty<Optional<TappedPass>> tappedProperty() {
    return tapped.getReadOnlyProperty();
  }

  /** Taps once; a long silence begins anew. */
  void tap(Tempo meant) {
    Instant now = clock.instant();
    boolean isLongAgo =
        !taps.isEmpty() && Duration.between(taps.get(taps.size() - 1), now).compareTo(SILENCE) > 0;
    if (isLongAgo) {
      taps.clear();
    }
    taps.add(now);
    List<Double> seconds =
        taps.stream().map(t -> Duration.between(taps.get(0), t).toNanos() / NANOS).toList();
    tapped.set(Optional.of(TappedPass.of(seconds, bars(meant), meant.perMinute())));
  }

  /** Bars from the selected one on, an upbeat left out. */
  private List<BarBeats> bars(Tempo meant) {
    List<Bar> all = desk.study().passage().bars();
    int from = desk.selection().note().map(n -> desk.study().notes().get(n).bar()).orElse(0);
    boolean isUpbeat = from == 0 && all.size() > 1 && all.get(0).uncounted();
    return all.subList(isUpbeat ? 1 : from, all.size()).stream()
        .map(b -> new BarBeats(b.label(), b.length().divide(meant.beat().length()).doubleValue()))
        .toList();
  }

  /** The tempo that was tapped, in the beat that was meant; empty before a bar is over. */
  OptionalDouble perMinute() {
    return tapped.get().map(TappedPass::perMinute).orElse(OptionalDouble.empty());
  }

  /** Forgets what was tapped. */
  void clear() {
    taps.clear();
    tapped.set(Optional.empty());
  }
}
