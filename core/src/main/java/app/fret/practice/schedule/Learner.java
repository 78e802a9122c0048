package app.fret.practice.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Set;

/**
 * How a player practises.
 *
 * @param minutesPerDay minutes a day, warm-up and breaks counted in
 * @param daysOff days of the week without practice
 * @param rhythmDaysPerWeek on how many days a week a passage has a rhythm set, 1 to 3
 * @param stance what to do when not all can be ready
 */
public record Learner(
    int minutesPerDay, Set<DayOfWeek> daysOff, int rhythmDaysPerWeek, Stance stance) {
  /** What to do when not all can be ready. */
  public enum Stance {
    /** The weakest is kept as high as can be. */
    EVEN,
    /** As many as can be become ready. */
    AS_MANY_READY_AS_POSSIBLE
  }

  /** An hour a day, two rhythm days a week, the weakest kept highest. */
  public static final Learner USUAL = new Learner(60, Set.of(), 2, Stance.EVEN);

  private static final int DAYS_A_WEEK = 7;

  /** By so many minutes a stretch may be longer. */
  private static final int OVER_A_STRETCH = 2;

  /** Most days a week with a rhythm set. */
  public static final int MOST_RHYTHM_DAYS = 3;

  /** Most minutes a day. */
  public static final int MOST_MINUTES = 16 * 60;

  public Learner {
    daysOff = Set.copyOf(daysOff);
    if (minutesPerDay < 1 || minutesPerDay > MOST_MINUTES) {
      throw new IllegalArgumentException("minutes a day are 1 to " + MOST_MINUTES);
    }
    if (rhythmDaysPerWeek < 1 || rhythmDaysPerWeek > MOST_RHYTHM_DAYS) {
      throw new IllegalArgumentException("rhythm days a week are 1 to 3");
    }
    if (daysOff.size() == DayOfWeek.values().length) {
      throw new IllegalArgumentException("every day of the week is off: leave one to practise on");
    }
  }

  /** The same with other minutes a day. */
  public Learner withMinutes(int minutes) {
    return new Learner(minutes, daysOff, rhythmDaysPerWeek, stance);
  }

  /** The same with other days off. */
  public Learner withDaysOff(Set<DayOfWeek> days) {
    return new Learner(minutesPerDay, days, rhythmDaysPerWeek, stance);
  }

  /** The same with another number of rhythm days a week, 1 to 3. */
  public Learner withRhythmDays(int days) {
    return new Learner(minutesPerDay, daysOff, days, stance);
  }

  /** The same with another stance. */
  public Learner with(Stance newStance) {
    return new Learner(minutesPerDay, daysOff, rhythmDaysPerWeek, newStance);
  }

  boolean isOff(LocalDate day) {
    return daysOff.contains(day.getDayOfWeek());
  }

  /** Days of practice from one day to another, both counted. */
  int practiceDays(LocalDate from, LocalDate to) {
    long all = Math.max(0, ChronoUnit.DAYS.between(from, to) + 1);
    long weeks = all / DAYS_A_WEEK;
    int days = Math.toIntExact(weeks * (DAYS_A_WEEK - daysOff.size()));
    for (LocalDate day = from.plusDays(weeks * DAYS_A_WEEK); !day.isAfter(to); ) {
      days += isOff(day) ? 0 : 1;
      day = day.plusDays(1);
    }
    return days;
  }

  /**
   * Minutes of playing once warm-up and breaks are taken away. A few minutes that are no stretch of
   * their own are left free rather than played without a break or behind one.
   */
  int playingMinutes() {
    int left = minutesPerDay - warmUpMinutes() - breaks() * Model.count("day.break-minutes");
    return Math.min(left, (breaks() + 1) * Model.count("day.stretch-minutes") + OVER_A_STRETCH);
  }

  int warmUpMinutes() {
    return Math.min(Model.count("day.warm-up-minutes"), minutesPerDay / 4);
  }

  /** Breaks of a full day: one behind each full stretch of playing but the last. */
  int breaks() {
    int with = Model.count("day.stretch-minutes") + Model.count("day.break-minutes");
    int left = minutesPerDay - warmUpMinutes();
    return Math.max(0, (left - Model.count("day.card-from-minutes")) / with);
  }
}
