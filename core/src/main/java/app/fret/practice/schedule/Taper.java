package app.fret.practice.schedule;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;

/**
 * The last days before a date: less and less, run-throughs before drills, nothing new; on the day
 * itself one slow pass (common practice, no source).
 */
final class Taper {
  private Taper() {}

  /** Days to the date of a passage; a large number where it has none. */
  private static long daysTo(Work work, LocalDate day) {
    return work.due(day).map(due -> ChronoUnit.DAYS.between(day, due)).orElse(Long.MAX_VALUE);
  }

  /** Whether a passage is in its last days, its date not with them. */
  static boolean holds(Work work, LocalDate day) {
    long days = daysTo(work, day);
    return days > 0 && days <= Model.count("taper.days");
  }

  /** Whether it is the date of a passage. */
  static boolean isTheDay(Work work, LocalDate day) {
    return daysTo(work, day) == 0;
  }

  /** Share of the usual minutes that a passage has on a day; 0 on its date. */
  static double share(Work work, LocalDate day) {
    if (isTheDay(work, day)) {
      return 0;
    }
    return holds(work, day) ? Model.figure("taper.share-" + daysTo(work, day)) : 1;
  }

  /** The same of a whole day: the mean over the passages that are still to come. */
  static double share(Collection<Work> passages, LocalDate day) {
    return passages.stream()
        .filter(w -> !w.isOver(day))
        .mapToDouble(w -> share(w, day))
        .average()
        .orElse(1);
  }
}
