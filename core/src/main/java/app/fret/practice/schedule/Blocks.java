package app.fret.practice.schedule;

import java.util.ArrayList;
import java.util.List;

/**
 * Cuts a long day into blocks, each with a longer rest behind it than a break is (common practice,
 * no source): hands and ears that worked for an hour need more than five minutes. Blocks are as
 * even as the breaks between cards allow.
 */
public final class Blocks {
  /** Least rest between two blocks, in minutes; it is not counted in the minutes of the day. */
  public static final int LEAST_REST_MINUTES = 30;

  private Blocks() {}

  /** The cards of each block, in order; a short day is one block. */
  public static List<List<Card>> of(List<Card> cards) {
    int all = cards.stream().mapToInt(Card::minutes).sum();
    int longest = Model.count("day.block-minutes");
    int blocks = (all + longest - 1) / longest;
    List<List<Card>> cut = new ArrayList<>();
    List<Card> now = new ArrayList<>();
    int until = 0;
    for (Card card : cards) {
      now.add(card);
      until += card.minutes();
      boolean isFull = until * blocks >= all * (cut.size() + 1);
      if (!card.isPlayed() && isFull && cut.size() + 1 < blocks) {
        cut.add(List.copyOf(now));
        now.clear();
      }
    }
    if (!now.isEmpty()) {
      cut.add(List.copyOf(now));
    }
    return List.copyOf(cut);
  }

  /** The block of each card, from 1, in order. */
  public static List<Integer> numbers(List<Card> cards) {
    List<Integer> numbers = new ArrayList<>();
    List<List<Card>> blocks = of(cards);
    for (int block = 0; block < blocks.size(); block++) {
      for (int i = 0; i < blocks.get(block).size(); i++) {
        numbers.add(block + 1);
      }
    }
    return numbers;
  }

  /** What is said at the end of a block that another follows. */
  public static String restWords() {
    return "End of the block: rest for half an hour or more, away from the instrument, and loosen the"
        + " hand again before you go on.";
  }
}
