package app.fret.practice.schedule;

import java.time.LocalDate;
import java.util.List;

/**
 * A round of an audition, or any other occasion with a list and a date of its own.
 *
 * @param name what it is called, such as {@code second round}
 * @param date when
 * @param items ids of what is asked in it
 */
public record Round(String name, LocalDate date, List<String> items) {
  public Round {
    items = List.copyOf(items);
    if (name.isBlank()) {
      throw new IllegalArgumentException("a round needs a name");
    }
  }
}
