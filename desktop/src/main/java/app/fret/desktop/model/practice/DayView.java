package app.fret.desktop.model.practice;

import app.fret.book.OtherItem;
import app.fret.book.OtherItem.Heard;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.Round;
import app.fret.practice.schedule.Schedule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A player's day as it is seen.
 *
 * @param learner how the player practises
 * @param tasks today's cards
 * @param schedule the days from today on, and how each passage will fare
 * @param others what is practised without music in the book
 * @param rounds the rounds that are ahead or over, earliest first
 * @param drawn ids of the passages drawn by lot for today, in the order they are asked
 * @param leftOut a sentence for each passage that could not be planned and each row of the book
 *     that could not be read
 * @param today passes of today, of all passages, in the order they were played
 */
public record DayView(
    Learner learner,
    List<DayTask> tasks,
    Schedule schedule,
    List<OtherItem> others,
    List<Round> rounds,
    List<String> drawn,
    List<String> leftOut,
    List<LoggedPass> today) {
  public DayView {
    others = List.copyOf(others);
    rounds = List.copyOf(rounds);
    drawn = List.copyOf(drawn);
    today = List.copyOf(today);
    tasks = List.copyOf(tasks);
    leftOut = List.copyOf(leftOut);
  }

  DayView with(DayTask changed) {
    List<DayTask> all =
        tasks.stream().map(t -> t.name().equals(changed.name()) ? changed : t).toList();
    return new DayView(learner, all, schedule, others, rounds, drawn, leftOut, today);
  }

  DayView played(LoggedPass pass) {
    List<LoggedPass> passes = new ArrayList<>(today);
    passes.add(pass);
    return new DayView(learner, tasks, schedule, others, rounds, drawn, leftOut, passes);
  }

  DayView heard(long id, Heard heard) {
    List<OtherItem> all = others.stream().map(o -> o.id() == id ? o.with(heard) : o).toList();
    return new DayView(learner, tasks, schedule, all, rounds, drawn, leftOut, today);
  }

  boolean isHeard(long id, Heard heard) {
    return others.stream().anyMatch(o -> o.id() == id && o.heard().equals(heard));
  }

  /** The passages drawn by lot that are asked today; what hurts is not asked. */
  public List<String> asked() {
    return drawn.stream()
        .filter(
            id ->
                tasks.stream()
                    .map(DayTask::card)
                    .filter(c -> c.kind() == CardKind.MOCK)
                    .anyMatch(c -> c.item().filter(i -> i.id().equals(id)).isPresent()))
        .toList();
  }

  /** The card of a number, if there is one. */
  Optional<DayTask> task(int number) {
    return number >= 0 && number < tasks.size() ? Optional.of(tasks.get(number)) : Optional.empty();
  }

  /** Number of the first card that is not done; -1 for none. */
  int firstUndone() {
    return tasks.stream().filter(t -> !t.isDone()).mapToInt(DayTask::number).findFirst().orElse(-1);
  }

  /** What a card is for where it has no music in the book. */
  public Optional<OtherItem> other(Card card) {
    Optional<Long> number = card.item().flatMap(OtherItemsOfDay::number);
    return others.stream().filter(o -> number.filter(n -> n == o.id()).isPresent()).findFirst();
  }

  /** Minutes of today's cards. */
  public int minutes() {
    return tasks.stream().mapToInt(t -> t.card().minutes()).sum();
  }

  /** How many cards are done. */
  public long done() {
    return tasks.stream().filter(DayTask::isDone).count();
  }

  /** How a passage will fare. */
  public Optional<ItemOutlook> outlook(long passageId) {
    return schedule.item(String.valueOf(passageId));
  }
}
