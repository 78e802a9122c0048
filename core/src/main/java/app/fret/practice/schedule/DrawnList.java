package app.fret.practice.schedule;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A list drawn by lot, as a panel would ask it: each passage once, cold, in the order drawn. */
public final class DrawnList {
  private static final double SECONDS_A_MINUTE = 60;

  private DrawnList() {}

  /**
   * Draws.
   *
   * @param from ids to draw from
   * @param count how many, at least 0; at most all are drawn
   * @param seed the same seed draws the same list
   */
  public static List<String> draw(List<String> from, int count, long seed) {
    return from.stream().sorted(Lot.order(seed)).limit(count).toList();
  }

  /**
   * A day's cards with the list before all that is played; what it asks is not asked again cold. A
   * passage in which something hurts is left out.
   */
  public static List<Card> before(
      List<Card> cards, Schedule schedule, List<String> drawn, LocalDate today) {
    List<Card> list = new ArrayList<>();
    for (String id : drawn) {
      schedule
          .item(id)
          .map(ItemOutlook::standing)
          .map(s -> new Work(s, today))
          .filter(w -> w.sparing().isEmpty())
          .ifPresent(w -> list.add(card(w, list.size() + 1, drawn.size())));
    }
    List<Card> all = new ArrayList<>();
    cards.stream().filter(c -> c.kind() == CardKind.WARM_UP).forEach(all::add);
    all.addAll(list);
    cards.stream()
        .filter(c -> c.kind() != CardKind.WARM_UP)
        .filter(c -> !isColdPassOf(c, drawn))
        .forEach(all::add);
    return all;
  }

  private static boolean isColdPassOf(Card card, List<String> drawn) {
    boolean isCold = card.kind() == CardKind.MOCK || card.kind() == CardKind.UPKEEP;
    return isCold && card.item().filter(i -> drawn.contains(i.id())).isPresent();
  }

  private static Card card(Work work, int place, int of) {
    double perMinute = work.mockPerMinute();
    double share = perMinute / work.item().target().perMinute();
    return new Card(
        CardKind.MOCK,
        Optional.of(work.item()),
        place,
        OptionalDouble.of(perMinute),
        1,
        (int) Math.ceil(work.item().passSecondsAt(share) / SECONDS_A_MINUTE),
        "drawn by lot, " + place + " of " + of + ": go straight from one to the next",
        Optional.empty(),
        Optional.empty());
  }
}
