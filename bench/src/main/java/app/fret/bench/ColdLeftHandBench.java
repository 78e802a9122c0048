package app.fret.bench;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long the first fingering of a fresh process takes on one core: 2,000 notes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(value = 7, jvmArgsAppend = "-XX:ActiveProcessorCount=1")
@Warmup(iterations = 0)
@Measurement(iterations = 1)
public class ColdLeftHandBench {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 120);
  private static final int NOTES = 2000;

  private Passage passage;

  /** Makes the melody; everything of the planner is still untouched. */
  @Setup
  public void prepare() {
    passage = Melody.of(NOTES);
  }

  /** Instrument, profile and plan from nothing. */
  @Benchmark
  public LeftHandPlan plan() throws PinConflictException {
    Player player = Player.of("", Instruments.named("violin"));
    return new LeftHandPlanner(player, Profiles.named("secure"))
        .plan(Melody.brief(passage, player, TEMPO), List.of());
  }
}
