package app.fret.bench.students;

import app.fret.practice.programme.ProgrammeDays;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.Standing;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** A way to fill a day. All have the same minutes; all but two the same drills. */
enum Policy {
  CHOSEN("Fret's schedule, even"),
  CHOSEN_MANY("as many ready as possible"),
  ROUND_ROBIN("equal shares, same drills"),
  LADDER_ALONE("equal shares, ladder alone"),
  WORST_FIRST("worst first"),
  TARGET_ONLY("at the target only");

  private static final int VISIT = 10;

  private final String words;

  Policy(String words) {
    this.words = words;
  }

  /** Whether it is one of Fret's own. */
  boolean isFrets() {
    return this == CHOSEN || this == CHOSEN_MANY;
  }

  String words() {
    return words;
  }

  List<Card> cards(
      Learner learner, List<Item> items, List<LoggedPass> log, LocalDate today, long seed) {
    if (isFrets()) {
      Learner own =
          this == CHOSEN ? learner : learner.with(Learner.Stance.AS_MANY_READY_AS_POSSIBLE);
      return new ProgrammeDays(own, items, Map.of(), log, seed)
          .from(today, 1)
          .days()
          .get(0)
          .cards();
    }
    List<Item> order = new ArrayList<>(items);
    if (this == WORST_FIRST) {
      Item worst =
          order.stream()
              .min(Comparator.comparingDouble(i -> Standing.of(i, log, today).theta()))
              .orElseThrow();
      order = List.of(worst);
    }
    int playing = playingMinutes(learner, items, log, today);
    List<Card> cards = new ArrayList<>();
    int each = Math.max(1, playing / order.size());
    for (Item item : order) {
      for (int left = each; left > 0; left -= VISIT) {
        addVisit(cards, item, Standing.of(item, log, today), Math.min(VISIT, left), today);
      }
    }
    return cards;
  }

  /** The minutes that Fret's own day would play, so that none is favoured. */
  private static int playingMinutes(
      Learner learner, List<Item> items, List<LoggedPass> log, LocalDate today) {
    return new ProgrammeDays(learner, items, Map.of(), log, 1)
        .from(today, 1).days().get(0).cards().stream()
            .filter(c -> c.kind() != CardKind.BREAK && c.kind() != CardKind.WARM_UP)
            .mapToInt(Card::minutes)
            .sum();
  }

  private void addVisit(
      List<Card> cards, Item item, Standing standing, int minutes, LocalDate today) {
    double rung = standing.climb().ladder().rungs().get(standing.climb().rung());
    double target = item.target().perMinute();
    boolean drills = this == ROUND_ROBIN || this == WORST_FIRST;
    int left = minutes;
    if (drills && minutes >= 5) {
      cards.add(card(CardKind.DRILL, item, rung, 3));
      left -= 3;
      if (today.toEpochDay() % 3 == 0 && left >= 5) {
        cards.add(card(CardKind.RHYTHM, item, rung, 3));
        left -= 3;
      }
    }
    cards.add(card(CardKind.LADDER, item, this == TARGET_ONLY ? target : rung, left));
  }

  private static Card card(CardKind kind, Item item, double perMinute, int minutes) {
    double seconds = item.passSeconds() * item.target().perMinute() / perMinute + 6;
    int passes = (int) Math.max(1, minutes * 60 / seconds);
    return new Card(
        kind,
        Optional.of(item),
        1,
        OptionalDouble.of(perMinute),
        passes,
        minutes,
        "",
        item.spots().stream().findFirst(),
        Optional.empty());
  }
}
