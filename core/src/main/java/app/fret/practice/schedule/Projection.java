package app.fret.practice.schedule;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * How many passages would be ready by their dates if every day were shared out as planned and
 * brought what it usually brings. A rough reckoning without cards: say "about" beside its figures.
 */
final class Projection {
  private final Learner learner;
  private final List<Runner> runners = new ArrayList<>();
  private final LocalDate today;

  /** One passage on its way. */
  private static final class Runner {
    private final Standing standing;
    private double theta;

    Runner(Standing standing, double lowerTarget) {
      this.standing = standing;
      this.theta = standing.theta() + lowerTarget;
    }

    LocalDate due() {
      return standing.item().due().orElseThrow();
    }

    double need() {
      return Math.max(Model.figure("need.least"), Model.figure("need.goal") - theta);
    }

    boolean isReady() {
      return standing.isReady() || theta >= Model.figure("forecast.goal");
    }
  }

  Projection(Learner learner, LocalDate today) {
    this.learner = learner;
    this.today = today;
  }

  /**
   * Adds a passage that has a date.
   *
   * @param targetShare share of its target that would do
   */
  Projection with(Standing standing, double targetShare) {
    runners.add(new Runner(standing, -Math.log(targetShare)));
    return this;
  }

  /** How many are ready by their dates. */
  int ready() {
    LocalDate last = runners.stream().map(Runner::due).max(LocalDate::compareTo).orElse(today);
    int ready = 0;
    List<Runner> left = new ArrayList<>(runners);
    for (LocalDate day = today; !day.isAfter(last) && !left.isEmpty(); day = day.plusDays(1)) {
      if (!learner.isOff(day)) {
        play(day, left);
      }
      LocalDate evening = day;
      ready += (int) left.stream().filter(r -> !r.due().isAfter(evening) && r.isReady()).count();
      left.removeIf(r -> !r.due().isAfter(evening));
    }
    return ready;
  }

  /** Share of its target at which one of them would be clean, cold, on its date. */
  double reached(Standing standing) {
    double theta =
        runners.stream().filter(r -> r.standing == standing).findFirst().orElseThrow().theta;
    return Math.exp(Math.min(0, theta - Model.figure("forecast.goal")));
  }

  private void play(LocalDate day, List<Runner> left) {
    int most = Model.count("day.most-minutes-a-passage");
    List<DayProblem.Wish> wishes =
        left.stream()
            .map(
                r ->
                    new DayProblem.Wish(
                        r.need(),
                        r.standing.rate(),
                        Math.max(1, learner.practiceDays(day, readyBy(r))),
                        most))
            .toList();
    int[] minutes = DayProblem.allot(wishes, learner.playingMinutes(), learner.stance());
    for (int i = 0; i < minutes.length; i++) {
      left.get(i).theta += left.get(i).standing.rate() * Model.dose(minutes[i]);
    }
  }

  private LocalDate readyBy(Runner runner) {
    return runner.standing.item().readyBy(runner.standing.plannedOn(today)).orElseThrow();
  }
}
