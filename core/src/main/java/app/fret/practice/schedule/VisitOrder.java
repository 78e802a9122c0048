package app.fret.practice.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * In which order the visits of a day come: the most urgent first, no item twice in a row. An item
 * that holds more than half of the visits left comes first, or it could not be spread.
 */
final class VisitOrder {
  private final List<Queue> queues = new ArrayList<>();

  /** The visits of one item that are left. */
  private static final class Queue {
    private final Work work;
    private final List<Integer> minutes = new ArrayList<>();
    private boolean isFresh = true;

    Queue(Work work, int minutes) {
      this.work = work;
      int longest = Model.count("day.visit-minutes");
      int visits = work.item().isPassage() ? (minutes + longest - 1) / longest : 1;
      for (int i = 0; i < visits; i++) {
        this.minutes.add((minutes + i) / visits);
      }
    }
  }

  /**
   * The next visit.
   *
   * @param work to what
   * @param minutes how long
   * @param isFirst whether it is the day's first to it
   */
  record Next(Work work, int minutes, boolean isFirst) {}

  VisitOrder(Map<Work, Integer> minutes) {
    minutes.forEach((work, m) -> queues.add(new Queue(work, m)));
    queues.sort(
        Comparator.comparingDouble((Queue q) -> q.work.item().isPassage() ? -q.work.urgency() : 0)
            .thenComparing(q -> q.work.item().id()));
  }

  /** Minutes of a visit that it had no use for come back later in the day. */
  void giveBack(Work work, int minutes) {
    if (minutes >= Model.count("day.card-from-minutes")) {
      queues.stream().filter(q -> q.work == work).forEach(q -> q.minutes.add(minutes));
    }
  }

  boolean isEmpty() {
    return queues.stream().allMatch(q -> q.minutes.isEmpty());
  }

  /**
   * The visit that comes next; empty when only the item just visited is left.
   *
   * @param last item of the visit before
   */
  Optional<Next> next(Optional<Item> last) {
    int left = queues.stream().mapToInt(q -> q.minutes.size()).sum();
    List<Queue> possible =
        queues.stream()
            .filter(q -> !q.minutes.isEmpty())
            .filter(q -> last.filter(q.work.item()::equals).isEmpty())
            .toList();
    Optional<Queue> chosen =
        possible.stream()
            .filter(q -> 2 * q.minutes.size() > left)
            .findFirst()
            .or(() -> possible.stream().findFirst());
    return chosen.map(
        queue -> {
          Next next = new Next(queue.work, queue.minutes.remove(0), queue.isFresh);
          queue.isFresh = false;
          return next;
        });
  }
}
