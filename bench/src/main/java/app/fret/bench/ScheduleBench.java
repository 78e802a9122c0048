package app.fret.bench;

import app.fret.practice.Gate;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.Schedule;
import app.fret.practice.schedule.Spot;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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

/** How long a year of days takes for twenty passages that are planned already. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class ScheduleBench {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);
  private static final int PASSAGES = 20;
  private static final int DAYS = 365;
  private static final int PASSES_EACH = 100;

  private final List<Item> items = new ArrayList<>();
  private final List<LoggedPass> log = new ArrayList<>();
  private final Learner learner = new Learner(120, Set.of(DayOfWeek.SUNDAY), 2, Stance.EVEN);

  /** Makes the programme and two thousand passes. */
  @Setup
  public void prepare() {
    for (int i = 0; i < PASSAGES; i++) {
      Tempo target = new Tempo(BeatUnit.QUARTER, 80 + 3 * i);
      items.add(
          new Item(
              "p" + i,
              "P" + i,
              Item.Kind.PASSAGE,
              target,
              target.perMinute() / 2,
              Gate.USUAL,
              Optional.of(TODAY.plusDays(60 + 15L * i)),
              20 + i,
              6,
              "",
              0,
              List.of(new Spot("1:1", "bar 1", List.of("guide-slide", "rhythm"), false)),
              Optional.empty()));
      for (int pass = 0; pass < PASSES_EACH; pass++) {
        log.add(
            new LoggedPass(
                "p" + i,
                TODAY.minusDays(30 - pass / 4),
                target.perMinute() * (0.5 + 0.004 * pass),
                pass % 5 != 0,
                25,
                pass % 4 == 0,
                Optional.empty(),
                false,
                false,
                CardKind.LADDER));
      }
    }
  }

  /** The year. */
  @Benchmark
  public Schedule year() {
    return Schedule.of(learner, items, log, TODAY, DAYS, 1);
  }
}
