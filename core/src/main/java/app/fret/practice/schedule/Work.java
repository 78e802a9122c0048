package app.fret.practice.schedule;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A passage while days are planned ahead: it starts from how it stands, and every planned day is
 * taken as played and gained as usual. Tomorrow's plan is made anew from tomorrow's log.
 */
final class Work {
  private final Standing standing;
  private final double rate;
  private final Optional<LocalDate> readyBy;
  private final List<LocalDate> rhythmDays;
  private double theta;
  private double credit;
  private int rung;
  private Sparing sparing;
  private LocalDate drillDay = LocalDate.MIN;
  private int contactsPlanned;
  private final Map<String, Integer> drillDaysPlanned = new HashMap<>();
  private final Map<String, Integer> drilled = new HashMap<>();
  private Optional<LocalDate> lastContact;
  private Optional<LocalDate> lastSpare = Optional.empty();

  Work(Standing standing, LocalDate today) {
    this.standing = standing;
    this.rate = standing.rate();
    this.theta = standing.theta();
    this.rung = standing.climb().rung();
    this.sparing = standing.sparing();
    this.readyBy = standing.item().readyBy(standing.plannedOn(today));
    this.lastContact = standing.lastContact();
    this.rhythmDays = new ArrayList<>(standing.rhythmDays());
    this.credit = creditFromBefore(today);
  }

  /** Days missed since the last contact leave no more than one card. */
  private double creditFromBefore(LocalDate today) {
    return daysSinceContact(today) > 1 ? Model.figure("day.credit-cap-minutes") : 0;
  }

  Item item() {
    return standing.item();
  }

  Standing standing() {
    return standing;
  }

  /** How many drills of a spot a day holds so far: no kind comes twice. */
  int drilledOn(LocalDate day, String spot) {
    return day.equals(drillDay) ? drilled.getOrDefault(spot, 0) : 0;
  }

  /** One more drill of a spot is planned on a day. */
  void drills(LocalDate day, String spot) {
    if (!day.equals(drillDay)) {
      drilled.clear();
      drillDay = day;
    }
    if (drilled.merge(spot, 1, Integer::sum) == 1) {
      drillDaysPlanned.merge(spot, 1, Integer::sum);
    }
  }

  /** On how many days a spot was or will have been drilled, if all goes as planned. */
  int drillDaysOf(String spot) {
    return standing.drillDaysOf(spot) + drillDaysPlanned.getOrDefault(spot, 0);
  }

  /** Days on which it was or will have been played, if all goes as planned. */
  int contacts() {
    return standing.contacts().size() + contactsPlanned;
  }

  /** What is spared after something hurt, if all goes as planned. */
  Sparing sparing() {
    return sparing;
  }

  Optional<LocalDate> readyBy() {
    return readyBy;
  }

  double need() {
    return Math.max(Model.figure("need.least"), Model.figure("need.goal") - theta);
  }

  double rate() {
    return rate;
  }

  double urgency() {
    return need() / rate;
  }

  double theta() {
    return theta;
  }

  /** Whether it is ready, or will be if all goes as planned. */
  boolean isReady() {
    return standing.isReady() || theta >= Model.figure("need.goal");
  }

  long daysSinceContact(LocalDate day) {
    return lastContact.map(last -> ChronoUnit.DAYS.between(last, day)).orElse(Long.MAX_VALUE);
  }

  /** Whether the day lies behind its last day to become ready and not behind its date. */
  boolean isInUpkeep(LocalDate day) {
    return readyBy.filter(day::isAfter).isPresent() && !isOver(day);
  }

  /**
   * Tempo of a run-through: the target, or the rung as long as the target is far beyond what is
   * clean; playing too fast for that undoes what was learnt (common practice, no source).
   */
  double mockPerMinute() {
    boolean inReach = isReady() || theta >= -Model.figure("mock.reach");
    return inReach ? item().target().perMinute() : rungPerMinute(0);
  }

  /** The next of its dates from a day on; the last when all are over. */
  Optional<LocalDate> due(LocalDate day) {
    return item().dueFrom(day);
  }

  boolean isOver(LocalDate day) {
    return due(day).filter(day::isAfter).isPresent();
  }

  /** Whether it is run through in a mock audition on a day. */
  boolean isMockDay(LocalDate day) {
    if (!isInUpkeep(day)) {
      return false;
    }
    long behind = ChronoUnit.DAYS.between(readyBy.orElseThrow(), day);
    long ahead = ChronoUnit.DAYS.between(day, due(day).orElseThrow());
    return behind % Model.count("day.mock-every-days") == 0
        || ahead < Model.count("day.mock-daily-last-days");
  }

  /** Tempo of the one slow pass on the day itself, a rung below what is worked on at most. */
  double slowPerMinute() {
    List<Double> rungs = standing.climb().ladder().rungs();
    double slow = Model.figure("taper.slow-pass") * item().target().perMinute();
    return rungs.get(Math.min(rungBelow(1), standing.climb().ladder().rungAt(slow)));
  }

  /** Days of practice left to become ready; behind that day, to the date. */
  int daysLeft(LocalDate day, Learner learner) {
    if (item().due().isEmpty()) {
      return Model.count("ready.lead-from-days");
    }
    LocalDate until = isInUpkeep(day) ? due(day).get() : readyBy.orElseThrow();
    return Math.max(1, learner.practiceDays(day, until));
  }

  DayProblem.Wish wish(LocalDate day, Learner learner) {
    return new DayProblem.Wish(
        need(), rate, daysLeft(day, learner), Model.count("day.most-minutes-a-passage"));
  }

  double credit() {
    return credit;
  }

  void earn(int minutes) {
    double cap = Model.figure("day.credit-cap-minutes") + minutes;
    credit = Math.min(cap, credit + minutes);
  }

  void spend(int minutes) {
    credit = Math.max(0, credit - minutes);
  }

  /** Takes a planned day as played. */
  void played(LocalDate day, int minutes, boolean rhythm) {
    theta += rate * Model.dose(minutes);
    lastContact = Optional.of(day);
    contactsPlanned++;
    sparing = sparing.hurtOn(day) ? sparing : sparing.afterContact();
    if (rhythm) {
      rhythmDays.add(day);
    }
    List<Double> rungs = standing.climb().ladder().rungs();
    double share = Math.exp(Math.min(0, theta));
    while (rung + 1 < rungs.size() && rungs.get(rung) < share * item().target().perMinute()) {
      rung++;
    }
  }

  /** Gains from what was practised of another that is of the same material by a share. */
  void gains(double minutes) {
    theta += rate * Model.dose(minutes);
  }

  void spared(LocalDate day) {
    lastSpare = Optional.of(day);
  }

  Optional<LocalDate> lastSpare() {
    return lastSpare;
  }

  /** Tempo of the rung that is worked on, or of one lower by some rungs, in the target's beat. */
  double rungPerMinute(int lower) {
    return standing.climb().ladder().rungs().get(rungBelow(lower));
  }

  /** The rung that is worked on, or one lower by some rungs. */
  int rungBelow(int lower) {
    return Math.max(0, rung - lower);
  }

  /** Whether a rhythm set may come up on a day: not on following days, not too often a week. */
  boolean mayHaveRhythm(LocalDate day, int daysPerWeek) {
    int most = Math.min(3, daysPerWeek + (standing.isAtPlateau() ? 1 : 0));
    long lately =
        rhythmDays.stream().filter(d -> ChronoUnit.DAYS.between(d, day) < 7).distinct().count();
    boolean rested =
        rhythmDays.stream()
            .allMatch(d -> ChronoUnit.DAYS.between(d, day) >= Model.count("rhythm.days-between"));
    return rested && lately < most;
  }

  Optional<LocalDate> lastRhythm() {
    return rhythmDays.isEmpty()
        ? Optional.empty()
        : Optional.of(rhythmDays.get(rhythmDays.size() - 1));
  }
}
