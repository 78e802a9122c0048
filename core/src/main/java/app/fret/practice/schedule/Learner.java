package app.fret.practice.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How a player practises.
 *
 * @param minutesPerDay minutes a day, warm-up and breaks counted in
 * @param daysOff days of the week without practice
 * @param rhythmDaysPerWeek on how many days a week a passage has a rhythm set, 1 to 3
 * @param stance what to do when not all can be ready
 * @param minutesByWeekday minutes of the days of the week that have others than usual
 * @param week what a teacher set for the days of the week, in order
 */
public record Learner(
    int minutesPerDay,
    Set<DayOfWeek> daysOff,
    int rhythmDaysPerWeek,
    Stance stance,
    Map<DayOfWeek, Integer> minutesByWeekday,
    List<FixedCard> week) {
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
    minutesByWeekday = Map.copyOf(minutesByWeekday);
    week = List.copyOf(week);
    requireMinutes(minutesPerDay);
    minutesByWeekday.values().forEach(Learner::requireMinutes);
    if (rhythmDaysPerWeek < 1 || rhythmDaysPerWeek > MOST_RHYTHM_DAYS) {
      throw new IllegalArgumentException("rhythm days a week are 1 to 3");
    }
    if (daysOff.size() == DayOfWeek.values().length) {
      throw new IllegalArgumentException("every day of the week is off: leave one to practise on");
    }
  }

  /** One whose days have the same minutes and are free. */
  public Learner(int minutesPerDay, Set<DayOfWeek> daysOff, int rhythmDaysPerWeek, Stance stance) {
    this(minutesPerDay, daysOff, rhythmDaysPerWeek, stance, Map.of(), List.of());
  }

  private static void requireMinutes(int minutes) {
    if (minutes < 1 || minutes > MOST_MINUTES) {
      throw new IllegalArgumentException("minutes a day are 1 to " + MOST_MINUTES);
    }
  }

  /** The same with other minutes a day; days of the week that have their own keep them. */
  public Learner withMinutes(int minutes) {
    return new Learner(minutes, daysOff, rhythmDaysPerWeek, stance, minutesByWeekday, week);
  }

  /** The same with other minutes on days of the week. */
  public Learner withMinutesByWeekday(Map<DayOfWeek, Integer> minutes) {
    return new Learner(minutesPerDay, daysOff, rhythmDaysPerWeek, stance, minutes, week);
  }

  /** The same with another week set by a teacher. */
  public Learner withWeek(List<FixedCard> cards) {
    return new Learner(minutesPerDay, daysOff, rhythmDaysPerWeek, stance, minutesByWeekday, cards);
  }

  /** The same with other days off. */
  public Learner withDaysOff(Set<DayOfWeek> days) {
    return new Learner(minutesPerDay, days, rhythmDaysPerWeek, stance, minutesByWeekday, week);
  }

  /** The same with another number of rhythm days a week, 1 to 3. */
  public Learner withRhythmDays(int days) {
    return new Learner(minutesPerDay, daysOff, days, stance, minutesByWeekday, week);
  }

  /** The same with another stance. */
  public Learner with(Stance newStance) {
    return new Learner(
        minutesPerDay, daysOff, rhythmDaysPerWeek, newStance, minutesByWeekday, week);
  }

  /** The same as on one day: with its minutes, at least those that a teacher set for it. */
  Learner on(LocalDate day) {
    int usual = minutesByWeekday.getOrDefault(day.getDayOfWeek(), minutesPerDay);
    Learner today = withMinutes(usual);
    int fixed =
        week.stream()
            .filter(c -> c.weekday() == day.getDayOfWeek())
            .mapToInt(FixedCard::minutes)
            .sum();
    while (today.playingMinutes() < fixed && today.minutesPerDay < MOST_MINUTES) {
      today = today.withMinutes(today.minutesPerDay + 1);
    }
    return today;
  }

  /** The same with the mean of the minutes of its days, for what is reckoned over weeks. */
  Learner typical() {
    double mean =
        Arrays.stream(DayOfWeek.values())
            .filter(d -> !daysOff.contains(d))
            .mapToInt(d -> minutesByWeekday.getOrDefault(d, minutesPerDay))
            .average()
            .orElse(minutesPerDay);
    return withMinutes((int) Math.round(mean));
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
