package app.fret.desktop.model.practice;

import app.fret.book.Book;
import app.fret.book.BookPlayer;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Workers;
import app.fret.practice.schedule.ItemOutlook;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import java.util.function.Supplier;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;

/** Today's cards of each player, and how every passage that was looked at will fare. */
public final class PracticeDays {
  private final Book book;
  private final Clock clock;
  private final Workers workers;
  private final Supplier<List<ProgrammeEntry>> programme;
  private final StudyLoader loader;
  private final Consumer<Notice> tell;
  private final Supplier<Optional<PlannedPassages.OnDesk>> onDesk;
  private final LongConsumer opener;
  private LocalDate plannedOn;

  /** By the name of a person, who may play several instruments. */
  private final Map<String, PracticeDay> days = new HashMap<>();

  private final ObservableMap<Long, ItemOutlook> outlooks = FXCollections.observableHashMap();

  /** The days of a book. */
  public PracticeDays(
      Book book,
      Clock clock,
      Workers workers,
      Supplier<List<ProgrammeEntry>> programme,
      StudyLoader loader,
      Consumer<Notice> tell,
      Supplier<Optional<PlannedPassages.OnDesk>> onDesk,
      LongConsumer opener) {
    this.book = book;
    this.clock = clock;
    this.workers = workers;
    this.programme = programme;
    this.loader = loader;
    this.tell = tell;
    this.onDesk = onDesk;
    this.opener = opener;
    this.plannedOn = LocalDate.now(clock);
  }

  /** The day of a player, the same for all their passages and instruments. */
  public PracticeDay of(BookPlayer owner) {
    return days.computeIfAbsent(owner.name(), name -> made(first(owner)));
  }

  /** Of a person's instruments the one that was added first, whichever is opened first. */
  private BookPlayer first(BookPlayer owner) {
    return programme.get().stream()
        .map(ProgrammeEntry::owner)
        .filter(p -> p.name().equals(owner.name()))
        .min(Comparator.comparingLong(BookPlayer::id))
        .orElse(owner);
  }

  private PracticeDay made(BookPlayer owner) {
    PracticeDay day = new PracticeDay(owner, book, clock, workers, programme, loader, tell);
    day.follow(onDesk, opener);
    day.seenProperty()
        .addListener(
            (property, before, now) ->
                now.ifPresent(
                    seen ->
                        seen.schedule().items().stream()
                            .filter(i -> i.item().isPassage())
                            .forEach(i -> outlooks.put(Long.parseLong(i.item().id()), i))));
    return day;
  }

  /** How passages will fare, by their number in the book; those of days planned so far. */
  public ObservableMap<Long, ItemOutlook> outlooks() {
    return outlooks;
  }

  /** Forgets all days; they are planned anew when they are asked for. */
  public void forget() {
    days.clear();
    outlooks.clear();
  }

  /** Plans all days anew when another day has begun since. */
  public void wakeUp() {
    LocalDate today = LocalDate.now(clock);
    if (!today.equals(plannedOn)) {
      plannedOn = today;
      days.values().forEach(PracticeDay::beginDay);
    }
  }

  /** Plans the days of players whose day was not planned yet, one after another. */
  public void surveyOthers(List<BookPlayer> players) {
    survey(new ArrayDeque<>(players.stream().filter(p -> !days.containsKey(p.name())).toList()));
  }

  private void survey(Queue<BookPlayer> left) {
    BookPlayer next = left.poll();
    if (next == null) {
      return;
    }
    if (days.containsKey(next.name())) {
      survey(left);
      return;
    }
    PracticeDay day = of(next);
    day.seenProperty()
        .addListener(
            (property, before, now) -> {
              if (before.isEmpty()) {
                survey(left);
              }
            });
    day.refresh();
  }
}
