package app.fret.bench;

import app.fret.reading.Reading;
import app.fret.reading.traps.Trap;
import app.fret.reading.traps.Traps;
import app.fret.score.Passage;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long reading a page takes: beats, groups, form, phrases and every trap. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
public class ReadingBench {
  @Param({"100", "1000", "10000"})
  private int bars;

  private Passage passage;

  /** Sixteenths in every bar. */
  @Setup
  public void write() {
    passage = Melody.of(bars * 16);
  }

  /** Reading with its traps. */
  @Benchmark
  public List<Trap> read() {
    return Traps.of(Reading.of(passage));
  }
}
