package app.fret.practice.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Puts breaks between cards. Problem: so many breaks that no stretch of playing is much longer than
 * it may be, at places where no card is cut, the longest stretch as short as can be. Method: the
 * least number of breaks for which the best places are short enough; the places by dynamic
 * programming over the cards. Only a card that is longer than a stretch by itself is cut.
 */
final class Breaks {
  /** By so many minutes a stretch may be longer rather than cut a card. */
  private static final int OVER = 4;

  private final int stretch = Model.count("day.stretch-minutes");
  private final int rest = Model.count("day.break-minutes");
  private final int mostBreaks;
  private final int minutes;

  Breaks(Learner learner) {
    this.minutes = learner.minutesPerDay() - learner.warmUpMinutes();
    this.mostBreaks = learner.breaks();
  }

  List<Card> between(List<Card> all) {
    List<Card> cards = parts(all);
    int playing = cards.stream().mapToInt(Card::minutes).sum();
    int room = Math.max(mostBreaks, (minutes - playing) / rest);
    int most = Math.min(Math.max(0, cards.size() - 1), room);
    for (int breaks = 0; ; breaks++) {
      List<Integer> behind = places(cards, breaks);
      if (breaks >= most || longest(cards, behind) <= stretch + OVER) {
        return laid(cards, behind);
      }
    }
  }

  /** A card longer than a stretch goes in equal parts, but for a run-through, which is one. */
  private List<Card> parts(List<Card> all) {
    List<Card> cards = new ArrayList<>();
    for (Card card : all) {
      int parts = (card.minutes() + stretch - 1) / stretch;
      if (card.kind() == CardKind.MOCK || card.minutes() <= stretch + OVER) {
        cards.add(card);
        continue;
      }
      int left = card.minutes();
      for (int part = parts; part > 0; part--) {
        cards.add(card.part(left / part));
        left -= left / part;
      }
    }
    return cards;
  }

  /** Numbers of the cards behind which so many breaks come, for the shortest longest stretch. */
  private static List<Integer> places(List<Card> cards, int breaks) {
    int count = cards.size();
    int[][] best = new int[breaks + 1][count + 1];
    int[][] from = new int[breaks + 1][count + 1];
    for (int end = 1; end <= count; end++) {
      best[0][end] = best[0][end - 1] + cards.get(end - 1).minutes();
    }
    for (int b = 1; b <= breaks; b++) {
      for (int end = 0; end <= count; end++) {
        best[b][end] = Integer.MAX_VALUE;
        int last = 0;
        for (int start = end; start >= 0; start--) {
          int longest = Math.max(best[b - 1][start], last);
          if (longest < best[b][end]) {
            best[b][end] = longest;
            from[b][end] = start;
          }
          last += start > 0 ? cards.get(start - 1).minutes() : 0;
        }
      }
    }
    List<Integer> behind = new ArrayList<>();
    int end = count;
    for (int b = breaks; b > 0; b--) {
      end = from[b][end];
      behind.add(0, end - 1);
    }
    return behind;
  }

  private static int longest(List<Card> cards, List<Integer> behind) {
    int longest = 0;
    int now = 0;
    for (int i = 0; i < cards.size(); i++) {
      now += cards.get(i).minutes();
      longest = Math.max(longest, now);
      now = behind.contains(i) ? 0 : now;
    }
    return longest;
  }

  private List<Card> laid(List<Card> cards, List<Integer> behind) {
    List<Card> laid = new ArrayList<>();
    for (int i = 0; i < cards.size(); i++) {
      laid.add(cards.get(i));
      if (behind.contains(i) && i < cards.size() - 1) {
        laid.add(
            Card.plain(
                CardKind.BREAK,
                Optional.empty(),
                0,
                rest,
                "hands down and walk: five minutes in every twenty-five"));
      }
    }
    return laid;
  }
}
