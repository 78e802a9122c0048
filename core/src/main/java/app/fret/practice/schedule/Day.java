package app.fret.practice.schedule;

import java.time.LocalDate;
import java.util.List;

/**
 * The cards of one day.
 *
 * @param date which day
 * @param isOff whether it is a day without practice
 * @param cards what to do, in order
 */
public record Day(LocalDate date, boolean isOff, List<Card> cards) {
  public Day {
    cards = List.copyOf(cards);
  }

  /** Minutes of all cards, warm-up and breaks with them. */
  public int minutes() {
    return cards.stream().mapToInt(Card::minutes).sum();
  }
}
