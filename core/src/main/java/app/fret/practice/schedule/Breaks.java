package app.fret.practice.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Puts a break behind each stretch of playing. A card that goes on after one is cut in two. */
final class Breaks {
  /** No part of a card is shorter, in minutes. */
  private static final int LEAST_PART = 2;

  private final int stretch = Model.count("day.stretch-minutes");
  private final List<Card> cards = new ArrayList<>();
  private int breaksLeft;
  private int played;

  Breaks(Learner learner) {
    this.breaksLeft = learner.breaks();
  }

  List<Card> between(List<Card> all) {
    for (Card card : all) {
      Card rest = card;
      while (rest != null) {
        rest = place(rest);
      }
    }
    while (!cards.isEmpty() && !cards.get(cards.size() - 1).isPlayed()) {
      cards.remove(cards.size() - 1);
    }
    return cards;
  }

  /** Places a card, or as much as fits before a break; what is left of it, or null. */
  private Card place(Card card) {
    int room = stretch - played;
    if (breaksLeft == 0 || card.minutes() <= room + LEAST_PART - 1) {
      add(card);
      if (played >= stretch) {
        rest();
      }
      return null;
    }
    boolean canCut = room >= LEAST_PART && card.minutes() - room >= LEAST_PART;
    if (canCut && card.kind() != CardKind.MOCK) {
      add(card.part(room));
      rest();
      return card.part(card.minutes() - room);
    }
    rest();
    return card;
  }

  private void add(Card card) {
    cards.add(card);
    played += card.minutes();
  }

  private void rest() {
    played = 0;
    if (breaksLeft > 0) {
      breaksLeft--;
      cards.add(
          Card.plain(
              CardKind.BREAK,
              Optional.empty(),
              0,
              Model.count("day.break-minutes"),
              "hands down and walk: five minutes in every twenty-five"));
    }
  }
}
