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
import java.util.Map;
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

/** How long a fingering of 300 notes takes when every third is a double stop or chord. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class ChordsBench {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 80);
  private static final int NOTES = 300;

  /** Letter steps from the melody's lowest note down to the written lowest of each instrument. */
  private static final Map<String, Integer> STEPS_LOWER =
      Map.of("violin", 0, "viola", 4, "cello", 11, "bass", 9);

  /** Instrument; on the larger ones chords are wider for the hand, so more are left out. */
  @Param({"violin", "viola", "cello", "bass"})
  public String instrument;

  private Passage passage;
  private Player player;
  private LeftHandPlanner planner;

  /** Makes the melody, as low as the instrument goes. */
  @Setup
  public void prepare() {
    passage = Melody.withChords(NOTES, STEPS_LOWER.get(instrument));
    player = Player.of("", Instruments.named(instrument));
    planner = new LeftHandPlanner(player, Profiles.named("secure"));
  }

  /** A plan from nothing. */
  @Benchmark
  public LeftHandPlan plan() throws PinConflictException {
    return planner.plan(Melody.brief(passage, player, TEMPO), List.of());
  }
}
