package app.fret.desktop.model.practice;

import app.fret.book.Book;
import app.fret.book.BookPlayer;
import app.fret.book.LogEntry;
import app.fret.book.OtherItem;
import app.fret.book.OtherItem.Heard;
import app.fret.book.PassageNote;
import app.fret.book.PassageNote.By;
import app.fret.book.PassageNote.VideoPlace;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Workers;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.DrawnList;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.PutBack;
import app.fret.practice.schedule.Round;
import app.fret.practice.schedule.Sparing;
import app.fret.practice.schedule.SpotCount;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * Today's cards of one player. They are planned from the log up to last night, so that they stay
 * through the day; what was played today fills them and tells how everything stands.
 */
public final class PracticeDay {
  private final BookPlayer owner;
  private final Book book;
  private final Clock clock;
  private final Workers workers;
  private final Supplier<List<ProgrammeEntry>> programme;
  private final PlannedPassages passages;
  private final DayOfBook dayOfBook;
  private final Consumer<Notice> tell;

  private final ReadOnlyObjectWrapper<Optional<DayView>> seen =
      new ReadOnlyObjectWrapper<>(this, "seen", Optional.empty());
  private final ReadOnlyObjectWrapper<List<PassageNote>> notes =
      new ReadOnlyObjectWrapper<>(this, "notes", List.of());
  private final ReadOnlyIntegerWrapper open = new ReadOnlyIntegerWrapper(this, "open", -1);
  private LongConsumer opener = id -> {};

  /** What the day is planned for; an older turn on its way gives up. */
  private volatile Object newest = new Object();

  /**
   * Whether a plan of the day is on its way, which may have asked the book before the last tick.
   */
  private boolean isPlanning;

  private Supplier<Optional<PlannedPassages.OnDesk>> onDesk = Optional::empty;

  PracticeDay(
      BookPlayer owner,
      Book book,
      Clock clock,
      Workers workers,
      Supplier<List<ProgrammeEntry>> programme,
      StudyLoader loader,
      Consumer<Notice> tell) {
    this.owner = owner;
    this.book = book;
    this.clock = clock;
    this.workers = workers;
    this.programme = programme;
    this.passages = new PlannedPassages(loader);
    this.dayOfBook = new DayOfBook(owner, book, clock);
    this.tell = tell;
  }

  /** Says which passage lies open and how another is laid on the desk. */
  void follow(Supplier<Optional<PlannedPassages.OnDesk>> passageOnDesk, LongConsumer opening) {
    onDesk = passageOnDesk;
    opener = opening;
  }

  /** The day; empty until it was planned. */
  public ReadOnlyObjectProperty<Optional<DayView>> seenProperty() {
    return seen.getReadOnlyProperty();
  }

  /** Number of the open card; -1 for none. */
  public ReadOnlyIntegerProperty openProperty() {
    return open.getReadOnlyProperty();
  }

  /** The open card. */
  public Optional<DayTask> openTask() {
    return seen.get().flatMap(s -> s.task(open.get()));
  }

  /** What the open card is for where that has no music in the book. */
  public Optional<OtherItem> openOther() {
    return openTask().flatMap(t -> seen.get().flatMap(s -> s.other(t.card())));
  }

  /** Whether the open card is for a passage. */
  public boolean isFor(long passageId) {
    return openTask()
        .flatMap(t -> t.card().item())
        .filter(i -> i.id().equals(String.valueOf(passageId)))
        .isPresent();
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }

  /** A new day has begun while the window was open: its first card comes first. */
  void beginDay() {
    open.set(-1);
    refresh();
  }

  /** Plans the day anew, beside the window's thread. */
  public void refresh() {
    List<ProgrammeEntry> mine =
        programme.get().stream().filter(e -> e.owner().name().equals(owner.name())).toList();
    Optional<PlannedPassages.OnDesk> desk = onDesk.get();
    Object turn = new Object();
    newest = turn;
    isPlanning = true;
    workers.afterFirstMusic(() -> planSoon(turn, mine, desk));
  }

  /** Loads a passage at a time, so that what the player does meanwhile is planned in between. */
  private void planSoon(
      Object turn, List<ProgrammeEntry> mine, Optional<PlannedPassages.OnDesk> desk) {
    workers.planForShow(
        turn,
        () -> {
          if (turn != newest) {
            return; // Something changed meanwhile: the day is planned from that.
          }
          if (passages.loadOne(mine, desk)) {
            planSoon(turn, mine, desk);
          } else {
            DayView now = dayOfBook.plan(passages.list(mine, desk), workers);
            workers.show(() -> showPlanned(turn, now));
          }
        },
        tell);
  }

  private void showPlanned(Object turn, DayView now) {
    if (turn == newest) {
      isPlanning = false;
      show(now);
    }
  }

  /** What has just been kept is in no plan that is on its way: that one is made anew. */
  private void planAnewIfPlanning() {
    if (isPlanning) {
      refresh();
    }
  }

  /** The card that lies open stays so while it is undone, wherever it stands in the day now. */
  private void show(DayView now) {
    Optional<String> lay = openTask().map(DayTask::name);
    Optional<DayTask> stays =
        now.tasks().stream()
            .filter(t -> lay.filter(t.name()::equals).isPresent() && !t.isDone())
            .findFirst();
    seen.set(Optional.of(now));
    open.set(stays.map(DayTask::number).orElseGet(now::firstUndone));
  }

  /** Opens a card; where it is for another passage, that one is laid on the desk. */
  public void choose(int number) {
    Optional<DayTask> task = seen.get().flatMap(s -> s.task(number));
    if (task.isEmpty()) {
      return;
    }
    open.set(number);
    task.get()
        .card()
        .item()
        .filter(Item::isPassage)
        .ifPresent(item -> opener.accept(Long.parseLong(item.id())));
  }

  /** Goes some cards on. */
  public void step(int by) {
    int cards = seen.get().map(s -> s.tasks().size()).orElse(0);
    if (cards > 0) {
      choose(Math.max(0, Math.min(cards - 1, open.get() + by)));
    }
  }

  /** Ticks the open card off and goes on to the next that is not done. */
  public void tick() {
    openTask().ifPresent(t -> tick(t.number(), !t.isDone()));
  }

  /** Ticks a card off or takes the tick back. */
  public void tick(int number, boolean done) {
    DayTask task = seen.get().orElseThrow().tasks().get(number);
    Optional<OtherItem> other = seen.get().flatMap(s -> s.other(task.card()));
    workers.keep(
        () -> {
          if (other.isPresent()) {
            book.tickOtherItem(other.get().id(), today(), done);
          } else {
            book.tickCard(owner.id(), today(), task.name(), done);
          }
          workers.show(() -> ticked(task.name(), done));
        },
        tell);
  }

  /**
   * Adds something to practise that has no music in the book, and plans anew.
   *
   * @throws IllegalArgumentException when title or minutes cannot stand, with a sentence
   */
  public void add(OtherItem.Kind kind, String title, int minutes) {
    OtherItem checked = new OtherItem(0, owner.id(), kind, title, minutes, Heard.NOTHING);
    workers.keep(
        () -> {
          book.addOtherItem(owner.id(), checked.kind(), checked.title(), checked.minutes());
          workers.show(this::refresh);
        },
        tell);
  }

  /** Takes something off that has no music in the book, and plans anew. */
  public void remove(OtherItem item) {
    workers.keep(
        () -> {
          book.removeOtherItem(item.id());
          workers.show(this::refresh);
        },
        tell);
  }

  /** Keeps what was heard in a recording. */
  public void keepHeard(OtherItem item, Heard heard) {
    if (seen.get().filter(s -> s.isHeard(item.id(), heard)).isPresent()) {
      return;
    }
    workers.keep(
        () -> {
          book.keepHeard(item.id(), heard);
          workers.show(
              () -> {
                seen.set(seen.get().map(s -> s.heard(item.id(), heard)));
                planAnewIfPlanning();
              });
        },
        tell);
  }

  private void ticked(String name, boolean done) {
    DayView now = seen.get().orElseThrow();
    now.tasks().stream()
        .filter(t -> t.name().equals(name))
        .findFirst()
        .ifPresent(t -> show(now.with(t.ticked(done))));
    goOn(done);
    planAnewIfPlanning();
  }

  private void goOn(boolean done) {
    if (done) {
      openTask().ifPresent(t -> choose(t.number()));
    }
  }

  /** The spots of a passage that hurt or load the hand, counted over today. */
  public List<SpotCount> counts(long passage) {
    String id = String.valueOf(passage);
    List<LoggedPass> passes = seen.get().map(DayView::today).orElse(List.of());
    return item(id)
        .map(item -> SpotCount.of(item, sparing(passage).easing(today()), passes))
        .orElse(List.of());
  }

  /** What a passage is spared since something in it hurt. */
  public Sparing sparing(long passage) {
    return seen.get()
        .flatMap(s -> s.schedule().item(String.valueOf(passage)))
        .map(i -> i.standing().sparing())
        .orElse(Sparing.NONE);
  }

  /** Puts back what hurt twice within a week, and plans anew. */
  public void putBack(long passage, Optional<String> bar) {
    PutBack back = new PutBack(bar, today());
    workers.keep(
        () -> {
          book.putBack(passage, back);
          workers.show(this::refresh);
        },
        tell);
  }

  private Optional<Item> item(String id) {
    return seen.get().flatMap(s -> s.schedule().item(id)).map(ItemOutlook::item);
  }

  /**
   * Counts a pass that was just logged, and goes on when its card is full.
   *
   * @param ofCard whether it may be one of the open card
   */
  public void count(LogEntry entry, boolean ofCard) {
    item(String.valueOf(entry.passageId()))
        .ifPresent(item -> seen.set(seen.get().map(s -> s.played(dayOfBook.logged(entry, item)))));
    Optional<DayTask> task = openTask();
    boolean counts =
        ofCard
            && task.isPresent()
            && isFor(entry.passageId())
            && task.get().card().kind() == entry.played().card();
    if (counts) {
      DayTask played = task.get().played();
      show(seen.get().orElseThrow().with(played));
      goOn(played.isDone() && !task.get().isDone());
    }
    if (entry.played().hurts()) {
      refresh(); // What hurts changes the cards that are left.
    } else {
      planAnewIfPlanning();
    }
  }

  /** Notes on the passage that was asked for last, oldest first. */
  public ReadOnlyObjectProperty<List<PassageNote>> notesProperty() {
    return notes.getReadOnlyProperty();
  }

  /** Asks the book for the notes on a passage. */
  public void askNotes(long passage) {
    workers.keep(
        () -> {
          List<PassageNote> found = book.agreements().notes(passage).rows();
          workers.show(() -> notes.set(found));
        },
        tell);
  }

  /**
   * Notes what was said of a passage.
   *
   * @throws IllegalArgumentException when nothing is said, with a sentence
   */
  public void note(
      long passage, By by, Optional<String> bar, String words, Optional<VideoPlace> video) {
    PassageNote note = new PassageNote(clock.instant(), by, bar, words, video);
    changeNotes(passage, () -> book.agreements().note(passage, note));
  }

  /** Takes a note away. */
  public void removeNote(long passage, PassageNote note) {
    changeNotes(passage, () -> book.agreements().removeNote(passage, note));
  }

  private void changeNotes(long passage, Runnable change) {
    workers.keep(
        () -> {
          change.run();
          List<PassageNote> found = book.agreements().notes(passage).rows();
          workers.show(
              () -> {
                notes.set(found);
                refresh();
              });
        },
        tell);
  }

  /** Keeps the rounds of the player and plans anew. */
  public void keepRounds(List<Round> rounds) {
    workers.keep(
        () -> {
          book.agreements().keepRounds(owner.id(), rounds);
          workers.show(this::refresh);
        },
        tell);
  }

  /** Draws a list by lot for today, as a panel would ask it, and puts it before all else. */
  public void drawList(List<String> from, int count) {
    List<String> drawn = DrawnList.draw(from, count, clock.millis());
    keepDrawn(drawn);
  }

  /** Takes today's drawn list off. */
  public void dropList() {
    keepDrawn(List.of());
  }

  private void keepDrawn(List<String> drawn) {
    workers.keep(
        () -> {
          book.agreements().keepDrawn(owner.id(), today(), drawn);
          workers.show(
              () -> {
                open.set(-1);
                refresh();
              });
        },
        tell);
  }

  /** Keeps how the player practises and plans anew. */
  public void practise(Learner learner) {
    workers.keep(
        () -> {
          book.keepLearner(owner.id(), learner);
          workers.show(this::refresh);
        },
        tell);
  }
}
