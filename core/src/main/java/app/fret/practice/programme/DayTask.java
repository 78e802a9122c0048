package app.fret.practice.programme;

import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.Sparing;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A card with what was done of it today.
 *
 * @param number its place among today's cards, from 0
 * @param name what it is known by, however the day is planned anew
 * @param card the card
 * @param passesDone passes logged for it
 * @param isDone whether it is done, by its passes or by a tick
 */
public record DayTask(int number, String name, Card card, int passesDone, boolean isDone) {
  /** Cards in order, each filled by the passes of its item and kind, or done by a tick. */
  static List<DayTask> of(List<Card> cards, List<LoggedPass> played, Set<String> ticked) {
    Map<List<Object>, Integer> left = new HashMap<>();
    played.forEach(p -> left.merge(List.of(p.item(), p.card()), 1, Integer::sum));
    List<DayTask> tasks = new ArrayList<>();
    for (Card card : cards) {
      List<Object> key = List.of(card.item().map(Item::id).orElse(""), card.kind());
      int there = left.getOrDefault(key, 0);
      int taken = card.passes() > 0 ? Math.min(there, card.passes()) : there;
      left.put(key, there - taken);
      boolean isOther = card.item().filter(i -> !i.isPassage()).isPresent();
      boolean full = isOther ? taken > 0 : card.passes() > 0 && taken >= card.passes();
      String name = nameAmong(tasks, card);
      tasks.add(new DayTask(tasks.size(), name, card, taken, full || ticked.contains(name)));
    }
    return tasks;
  }

  /**
   * The same where something hurt since: what is done stays, what is left goes easier or is taken
   * off.
   *
   * @param sparings what is spared, by the ids of the items in which something hurt
   */
  static List<DayTask> eased(List<DayTask> tasks, Map<String, Sparing> sparings, LocalDate day) {
    List<DayTask> left = new ArrayList<>();
    for (DayTask task : tasks) {
      if (isNeedless(task, left)) {
        continue;
      }
      Sparing sparing = task.card().item().map(Item::id).map(sparings::get).orElse(Sparing.NONE);
      Optional<Card> card =
          task.isDone() ? Optional.of(task.card()) : sparing.ease(task.card(), day);
      card.ifPresent(
          c ->
              left.add(new DayTask(left.size(), task.name(), c, task.passesDone(), task.isDone())));
    }
    int last = left.size() - 1;
    return last >= 0 && isUndoneBreak(left.get(last)) ? left.subList(0, last) : left;
  }

  /** A break after a break, or before anything was played. */
  private static boolean isNeedless(DayTask task, List<DayTask> before) {
    boolean isAfterPlaying = !before.isEmpty() && before.get(before.size() - 1).card().isPlayed();
    return isUndoneBreak(task) && !isAfterPlaying;
  }

  private static boolean isUndoneBreak(DayTask task) {
    return !task.card().isPlayed() && !task.isDone();
  }

  /** Breaks are alike: they are told apart by how many come before. */
  private static String nameAmong(List<DayTask> before, Card card) {
    long alike = before.stream().filter(t -> t.card().name().equals(card.name())).count();
    return alike == 0 ? card.name() : card.name() + " +" + alike;
  }

  /** One more pass was logged for it. */
  public DayTask played() {
    int passes = passesDone + 1;
    boolean full = card.passes() > 0 && passes >= card.passes();
    return new DayTask(number, name, card, passes, isDone || full);
  }

  /** Ticked off, or not. */
  public DayTask ticked(boolean done) {
    return new DayTask(number, name, card, passesDone, done);
  }
}
