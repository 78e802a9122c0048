package app.fret.practice.schedule;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The cards of one day.
 *
 * @param date which day
 * @param isOff whether it is a day without practice
 * @param cards what to do, in order
 * @param spare what the minutes that are left free are good for, as a sentence; empty where hardly
 *     any are
 */
public record Day(LocalDate date, boolean isOff, List<Card> cards, Optional<String> spare) {
  public Day {
    cards = List.copyOf(cards);
  }

  /** Minutes of all cards, warm-up and breaks with them. */
  public int minutes() {
    return cards.stream().mapToInt(Card::minutes).sum();
  }
}
