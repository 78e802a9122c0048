package app.fret.bench;

import app.fret.engraving.Engraver;
import app.fret.engraving.Engraving;
import app.fret.score.Passage;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long it takes to lay out 120 bars of sixteenths. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class EngraverBench {
  private static final double WIDTH_SPACES = 80;

  private final Passage passage = Melody.of(120 * 16);

  /** Measuring, breaking, spacing and drawing into marks. */
  @Benchmark
  public Engraving layOut() {
    return new Engraver().engrave(passage, WIDTH_SPACES);
  }
}
