package app.fret.practice.schedule;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The days ahead.
 *
 * <p>Problem: from the log of each passage, which cards on which day, so that as much as can be is
 * ready by its day without more minutes than the player has. Method: a rolling horizon. Each day's
 * minutes are the optimum of {@link DayProblem}, laid into cards by rule ({@link DayPlanner}); the
 * days after today are planned as if every day went as usual, and are thrown away tomorrow, when
 * all is planned anew from the log: what was missed never piles up. Deterministic in its arguments.
 * Guarantees: no day holds more than its minutes; a day's shares are least for that day's sum; no
 * passage follows itself; of items of the same material only the most urgent has minutes of its
 * own, but for a contact every third day. Cost: O(days x minutes x items).
 *
 * @param days today and the days after it
 * @param items how each item will fare, in the order of the programme
 * @param offers what could give where a date cannot be met
 */
public record Schedule(List<Day> days, List<ItemOutlook> items, List<Offer> offers) {
  public Schedule {
    days = List.copyOf(days);
    items = List.copyOf(items);
    offers = List.copyOf(offers);
  }

  /** Plans items that are each of their own material; see the longer form. */
  public static Schedule of(
      Learner learner,
      List<Item> items,
      List<LoggedPass> log,
      LocalDate today,
      int days,
      long seed) {
    return of(learner, items, Kinships.NONE, log, today, days, seed);
  }

  /**
   * Plans.
   *
   * @param learner how the player practises
   * @param items the programme; ids differ
   * @param kin which of them share their material, and so their minutes
   * @param log all passes, oldest first
   * @param today the first day that is planned
   * @param days how many days are planned, at least one
   * @param seed what orders of run-throughs are drawn from
   */
  public static Schedule of(
      Learner learner,
      List<Item> items,
      Kinships kin,
      List<LoggedPass> log,
      LocalDate today,
      int days,
      long seed) {
    List<Standing> standings =
        items.stream().map(i -> Standing.of(i, items, kin, log, today)).toList();
    List<Work> works = new ArrayList<>();
    standings.forEach(s -> works.add(new Work(s, today)));
    DayPlanner planner = new DayPlanner(learner, works, kin, seed);
    List<Day> planned = new ArrayList<>();
    for (int i = 0; i < days; i++) {
      planned.add(planner.plan(today.plusDays(i)));
    }
    List<List<Standing>> past = new ArrayList<>();
    standings.forEach(s -> past.add(lately(s, items, kin, log, today)));
    Outlook outlook = new Outlook(learner.typical(), past, today);
    return new Schedule(planned, outlook.items(), outlook.offers());
  }

  /** How an item stood on the last days, as far as that can matter, today the last. */
  private static List<Standing> lately(
      Standing now, List<Item> items, Kinships kin, List<LoggedPass> log, LocalDate today) {
    List<Standing> lately = new ArrayList<>();
    if (now.item().isPassage() && now.item().due().isPresent()) {
      for (int ago = Model.count("state.window-days"); ago > 0; ago--) {
        lately.add(Standing.of(now.item(), items, kin, log, today.minusDays(ago)));
      }
    }
    lately.add(now);
    return lately;
  }

  /** How an item will fare; empty where no item has the id. */
  public Optional<ItemOutlook> item(String id) {
    return items.stream().filter(i -> i.item().id().equals(id)).findFirst();
  }
}
