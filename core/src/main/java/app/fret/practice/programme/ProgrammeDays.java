package app.fret.practice.programme;

import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.DrawnList;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Kinships;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.Schedule;
import app.fret.practice.schedule.Sparing;
import app.fret.reading.Material;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The days of a programme.
 *
 * @param learner how the player practises
 * @param items all that is practised
 * @param materials what the passages among them are made of, by their items' ids, so that kin is
 *     kept apart
 * @param log all passes in the order they were played
 * @param seed what orders of run-throughs are drawn from
 */
public record ProgrammeDays(
    Learner learner,
    List<Item> items,
    Map<String, Material> materials,
    List<LoggedPass> log,
    long seed) {
  public ProgrammeDays {
    items = List.copyOf(items);
    materials = Map.copyOf(materials);
    log = List.copyOf(log);
  }

  /** The days from one on, planned from all that was played. */
  public Schedule from(LocalDate first, int days) {
    return Schedule.of(learner, items, Kinships.of(materials), log, first, days, seed);
  }

  /**
   * A day's cards. They are planned from the log up to the night before, so that they stay through
   * the day; what was played on it fills them. Where something hurt on it, what is left of that
   * passage goes easier from then on, or not at all.
   *
   * @param ticked names of those that were ticked off
   */
  public List<DayTask> tasks(LocalDate day, Set<String> ticked) {
    return tasks(day, ticked, List.of());
  }

  /**
   * The same with a list drawn by lot.
   *
   * @param drawn ids of the passages of the list, in the order they are asked
   */
  public List<DayTask> tasks(LocalDate day, Set<String> ticked, List<String> drawn) {
    List<LoggedPass> before = log.stream().filter(p -> p.date().isBefore(day)).toList();
    ProgrammeDays lastNight = new ProgrammeDays(learner, items, materials, before, seed);
    Schedule planned = lastNight.from(day, 1);
    List<Card> cards = DrawnList.before(planned.days().get(0).cards(), planned, drawn, day);
    List<DayTask> tasks = DayTask.of(cards, playedOn(day), ticked);
    boolean hurts = playedOn(day).stream().anyMatch(LoggedPass::hurts);
    return hurts ? DayTask.eased(tasks, sparings(day), day) : tasks;
  }

  /** What is spared in each item, by its id, of all in which something hurt on a day. */
  private Map<String, Sparing> sparings(LocalDate day) {
    Schedule now = from(day, 1);
    return now.items().stream()
        .filter(i -> i.standing().sparing().hurtOn(day))
        .collect(Collectors.toMap(i -> i.item().id(), i -> i.standing().sparing()));
  }

  /** What was played on a day. */
  public List<LoggedPass> playedOn(LocalDate day) {
    return log.stream().filter(p -> p.date().equals(day)).toList();
  }
}
