package app.fret.files;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;

/** Days as they are written in files and on the command line. */
public final class CalendarDay {
  private static final int FIRST_YEAR = 1900;
  private static final int LAST_YEAR = 2999;

  private CalendarDay() {}

  /** The day of a text such as {@code 2026-11-25}; empty where it is none of 1900 to 2999. */
  public static Optional<LocalDate> of(String text) {
    try {
      LocalDate day = LocalDate.parse(text);
      return Optional.of(day).filter(CalendarDay::isLikely);
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  /** Whether somebody may live on it. */
  public static boolean isLikely(LocalDate day) {
    return day.getYear() >= FIRST_YEAR && day.getYear() <= LAST_YEAR;
  }
}
