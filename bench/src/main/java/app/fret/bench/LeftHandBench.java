package app.fret.bench;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.PreparedPassage;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
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
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How long a fingering takes, from nothing and with a new pin, by the number of notes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class LeftHandBench {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 120);

  /** Notes in the melody. */
  @Param({"100", "200", "2000", "10000"})
  public int notes;

  private Passage passage;
  private Player player;
  private LeftHandPlanner planner;
  private PreparedPassage prepared;

  /** Makes the melody. */
  @Setup
  public void prepare() {
    passage = Melody.of(notes);
    player = Player.of("", Instruments.named("violin"));
    planner = new LeftHandPlanner(player, Profiles.named("secure"));
    prepared = planner.prepare(Melody.brief(passage, player, TEMPO));
  }

  /** A plan from nothing. */
  @Benchmark
  public LeftHandPlan plan() throws PinConflictException {
    return planner.plan(Melody.brief(passage, player, TEMPO), List.of());
  }

  /** A new pin in the middle of a passage that is open, as in the window. */
  @Benchmark
  public LeftHandPlan newPin() throws PinConflictException {
    return prepared.plan(List.of(Pin.finger(notes / 2, Finger.SECOND)));
  }
}
