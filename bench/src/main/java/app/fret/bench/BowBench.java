package app.fret.bench;

import app.fret.bow.BowPlan;
import app.fret.bow.BowPlanner;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
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

/** How long the bow of a passage takes, by the number of its strokes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class BowBench {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 60);

  /** Strokes, each of one note. */
  @Param({"100", "400", "10000"})
  public int strokes;

  private Brief brief;
  private List<List<Integer>> strings;
  private BowPlan planned;
  private BowChoices changed;

  /** Makes the melody. */
  @Setup
  public void prepare() {
    Player player = Player.of("", Instruments.named("violin"));
    brief = Melody.brief(Melody.of(strokes), player, TEMPO);
    strings = brief.notes().stream().map(n -> List.of(1 + n.number() / 3 % 3)).toList();
    planned = new BowPlanner().plan(brief, strings);
    StrokeDecision up = StrokeDecision.parse("up");
    changed = BowChoices.none().with(new StrokeAt(brief.reading().places().top(strokes / 2), up));
  }

  /** A plan from nothing. */
  @Benchmark
  public BowPlan plan() {
    return new BowPlanner().plan(brief, strings);
  }

  /** The plan after the stroke in the middle is decided up. */
  @Benchmark
  public BowPlan change() {
    return new BowPlanner().plan(brief, changed, strings, planned);
  }
}
