package app.fret.practice.schedule;

import app.fret.practice.schedule.ItemOutlook.State;
import app.fret.practice.schedule.ItemOutlook.Why;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What is said of a passage: ready, on track, behind, out of reach, or why that cannot be told.
 *
 * <p>Method: the chance to be ready on the date ({@link Prospect}) against thresholds that were
 * chosen on invented students so that what is said comes true. What was said is held on to: it
 * turns when another has been so on three days running, at once when the first days are over, when
 * the cold passes decide or when the date is past. Nothing is kept for that: the last days are
 * reckoned again from the log.
 */
final class Prognosis {
  private final Learner learner;
  private State said = State.UNKNOWN;
  private State other = State.UNKNOWN;
  private int daysOfOther;
  private boolean wasReady;
  private boolean wasEarly;

  private Prognosis(Learner learner) {
    this.learner = learner;
  }

  /**
   * What is said today.
   *
   * @param days how it stood on the last days, oldest first, today the last
   */
  static State of(Learner learner, List<Standing> days, LocalDate today) {
    Prognosis prognosis = new Prognosis(learner);
    for (int i = 0; i < days.size(); i++) {
      prognosis.hear(days.get(i), today.minusDays(days.size() - 1L - i), i == 0);
    }
    return prognosis.said;
  }

  /** Why it cannot be told; empty where it can. */
  static Optional<Why> why(State state, Standing standing) {
    if (state != State.UNKNOWN || !standing.item().isPassage()) {
      return Optional.empty();
    }
    if (standing.item().due().isEmpty()) {
      return Optional.of(Why.NO_DATE);
    }
    return Optional.of(isEarly(standing) ? Why.TOO_EARLY : Why.EITHER_WAY);
  }

  private void hear(Standing standing, LocalDate day, boolean isFirst) {
    State now = now(standing, day);
    boolean isDecided =
        wasReady != standing.isReady()
            || wasEarly != isEarly(standing)
            || standing.item().due().filter(day::isAfter).isPresent();
    wasReady = standing.isReady();
    wasEarly = isEarly(standing);
    if (isFirst || isDecided || now == said) {
      said = now;
      daysOfOther = 0;
      return;
    }
    daysOfOther = now == other ? daysOfOther + 1 : 1;
    other = now;
    if (daysOfOther >= Model.count("state.turn-days")) {
      said = now;
      daysOfOther = 0;
    }
  }

  private State now(Standing standing, LocalDate day) {
    Item item = standing.item();
    if (item.due().isEmpty()) {
      return standing.isReady() ? State.READY : State.UNKNOWN;
    }
    LocalDate due = item.due().get();
    if (due.isBefore(day)) {
      return standing.isReady() ? State.READY : State.CANNOT;
    }
    if (isEarly(standing)) {
      return isOutOfReach(standing, day, Model.figure("state.doubt"))
          ? State.CANNOT
          : State.UNKNOWN;
    }
    double chance = Prospect.of(standing, day, due);
    if (standing.isReady() && chance >= threshold("ready", State.READY, -1)) {
      return State.READY;
    }
    if (chance <= threshold("cannot", State.CANNOT, 1) && isOutOfReach(standing, day, 1)) {
      return State.CANNOT;
    }
    if (chance <= threshold("behind", State.BEHIND, 1)) {
      return State.BEHIND;
    }
    return chance >= threshold("on-track", State.ON_TRACK, -1) ? State.ON_TRACK : State.UNKNOWN;
  }

  /** What was said holds a little beyond its threshold. */
  private double threshold(String name, State state, int way) {
    boolean holds = said == state && state != State.CANNOT;
    return Model.figure("state." + name) + (holds ? way * Model.figure("state.holds") : 0);
  }

  private static boolean isEarly(Standing standing) {
    return standing.contacts().size() < Model.count("forecast.from-days");
  }

  /**
   * Whether it would not be ready by its date even with all the minutes there are.
   *
   * @param doubt times the pace so far that it is given
   */
  private boolean isOutOfReach(Standing standing, LocalDate day, double doubt) {
    int days = learner.practiceDays(day, standing.item().due().orElseThrow());
    double gain = doubt * standing.rate() * days * Model.dose(learner.playingMinutes());
    return standing.theta() + gain < Model.figure("forecast.goal");
  }
}
