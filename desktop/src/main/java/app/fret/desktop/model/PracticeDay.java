package app.fret.desktop.model;

import app.fret.book.Book;
import app.fret.book.BookPlayer;
import app.fret.book.Found;
import app.fret.book.LogEntry;
import app.fret.book.OtherItem;
import app.fret.book.OtherItem.Heard;
import app.fret.book.Practised;
import app.fret.files.ScoreRejectedException;
import app.fret.instrument.OutOfRangeException;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.Kinships;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.Schedule;
import app.fret.practice.schedule.Spot;
import app.fret.practice.schedule.SpotCount;
import app.fret.reading.Material;
import app.fret.study.ProgrammeItem;
import app.fret.study.Study;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
  /** How far ahead days are planned for the strip to the date. */
  private static final int DAYS_AHEAD = 70;

  /**
   * A card with what was done of it today.
   *
   * @param number its place among today's cards, from 0
   * @param name what it is known by, however the day is planned anew
   * @param card the card
   * @param passesDone passes logged for it
   * @param isDone whether it is done, by its passes or by a tick
   */
  public record Task(int number, String name, Card card, int passesDone, boolean isDone) {
    Task with(int newPassesDone, boolean nowDone) {
      return new Task(number, name, card, newPassesDone, nowDone);
    }
  }

  /**
   * The day as it is seen.
   *
   * @param learner how the player practises
   * @param tasks today's cards
   * @param schedule the days from today on, and how each passage will fare
   * @param others what is practised without music in the book
   * @param leftOut a sentence for each passage that could not be planned and each row of the book
   *     that could not be read
   * @param today passes of today, of all passages, in the order they were played
   */
  public record Seen(
      Learner learner,
      List<Task> tasks,
      Schedule schedule,
      List<OtherItem> others,
      List<String> leftOut,
      List<LoggedPass> today) {
    public Seen {
      others = List.copyOf(others);
      today = List.copyOf(today);
      tasks = List.copyOf(tasks);
      leftOut = List.copyOf(leftOut);
    }

    Seen with(List<Task> newTasks) {
      return new Seen(learner, newTasks, schedule, others, leftOut, today);
    }

    Seen played(LoggedPass pass) {
      List<LoggedPass> passes = new ArrayList<>(today);
      passes.add(pass);
      return new Seen(learner, tasks, schedule, others, leftOut, passes);
    }

    Seen heard(long id, Heard heard) {
      List<OtherItem> all = others.stream().map(o -> o.id() == id ? o.with(heard) : o).toList();
      return new Seen(learner, tasks, schedule, all, leftOut, today);
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
      return tasks.stream().filter(Task::isDone).count();
    }

    /** How a passage will fare. */
    public Optional<ItemOutlook> outlook(long passageId) {
      return schedule.item(String.valueOf(passageId));
    }
  }

  private final BookPlayer owner;
  private final Book book;
  private final Clock clock;
  private final Workers workers;
  private final Supplier<List<ProgrammeEntry>> programme;
  private final StudyLoader loader;
  private final Consumer<Notice> tell;

  /**
   * Passages that do not lie open, as they were planned; of concern to the planning thread alone.
   */
  private final Map<Long, Known> known = new HashMap<>();

  /** A sentence for each passage that could not be planned; of concern to that thread, too. */
  private final Map<Long, String> refused = new HashMap<>();

  private final ReadOnlyObjectWrapper<Optional<Seen>> seen =
      new ReadOnlyObjectWrapper<>(this, "seen", Optional.empty());
  private final ReadOnlyIntegerWrapper open = new ReadOnlyIntegerWrapper(this, "open", -1);
  private LongConsumer opener = id -> {};

  /** What the day is planned for; an older turn on its way gives up. */
  private volatile Object newest = new Object();

  private Supplier<Optional<PassageDesk>> onDesk = Optional::empty;

  /** What the schedule wants to know of a passage. */
  private record Known(Item item, Material material) {
    static Known of(ProgrammeEntry entry, Study study) {
      Item item =
          ProgrammeItem.of(
              String.valueOf(entry.passage().id()),
              entry.passage().title(),
              study,
              entry.passage().dueOn());
      return new Known(item, Material.of(study.notes()));
    }
  }

  /** Works out a passage of the programme that does not lie open. */
  interface StudyLoader {
    /** Its study. */
    Study load(ProgrammeEntry entry) throws ScoreRejectedException, OutOfRangeException;
  }

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
    this.loader = loader;
    this.tell = tell;
  }

  /** Says which passage lies open and how another is laid on the desk. */
  void follow(Supplier<Optional<PassageDesk>> passageOnDesk, LongConsumer opening) {
    onDesk = passageOnDesk;
    opener = opening;
  }

  /** The day; empty until it was planned. */
  public ReadOnlyObjectProperty<Optional<Seen>> seenProperty() {
    return seen.getReadOnlyProperty();
  }

  /** Number of the open card; -1 for none. */
  public ReadOnlyIntegerProperty openProperty() {
    return open.getReadOnlyProperty();
  }

  /** The open card. */
  public Optional<Task> openTask() {
    return seen.get()
        .filter(s -> open.get() >= 0 && open.get() < s.tasks().size())
        .map(s -> s.tasks().get(open.get()));
  }

  /** What the open card is for where that has no music in the book. */
  Optional<OtherItem> openOther() {
    return openTask().flatMap(t -> seen.get().flatMap(s -> s.other(t.card())));
  }

  /** Whether the open card is for a passage. */
  boolean isFor(long passageId) {
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
        programme.get().stream().filter(e -> e.owner().id() == owner.id()).toList();
    Optional<PassageDesk> desk = onDesk.get();
    Optional<Study> study = desk.map(PassageDesk::study);
    newest = new Object();
    planSoon(newest, mine, desk, study);
  }

  /** Loads a passage at a time, so that what the player does meanwhile is planned in between. */
  private void planSoon(
      Object turn, List<ProgrammeEntry> mine, Optional<PassageDesk> desk, Optional<Study> study) {
    workers.planForShow(
        turn,
        () -> {
          if (turn != newest) {
            return; // Something changed meanwhile: the day is planned from that.
          }
          if (loadOne(mine, desk)) {
            planSoon(turn, mine, desk, study);
          } else {
            Seen now = plan(mine, desk, study);
            workers.show(() -> show(now));
          }
        },
        tell);
  }

  /** Works out one more passage that does not lie open; whether there was one. */
  private boolean loadOne(List<ProgrammeEntry> mine, Optional<PassageDesk> desk) {
    Optional<ProgrammeEntry> next =
        mine.stream()
            .filter(e -> !isOpen(e, desk))
            .filter(e -> !known.containsKey(e.passage().id()))
            .filter(e -> !refused.containsKey(e.passage().id()))
            .findFirst();
    next.ifPresent(this::load);
    return next.isPresent();
  }

  private void load(ProgrammeEntry entry) {
    long id = entry.passage().id();
    try {
      known.put(id, Known.of(entry, loader.load(entry)));
    } catch (ScoreRejectedException | OutOfRangeException e) {
      refused.put(id, entry.passage().title() + " is not planned: " + e.getMessage());
    }
  }

  private static boolean isOpen(ProgrammeEntry entry, Optional<PassageDesk> desk) {
    long id = entry.passage().id();
    return desk.filter(d -> d.opened().entry().id() == id).isPresent();
  }

  /** The card that lies open stays so while it is undone, wherever it stands in the day now. */
  private void show(Seen now) {
    Optional<String> lay = openTask().map(Task::name);
    Optional<Task> stays =
        now.tasks().stream()
            .filter(t -> lay.filter(t.name()::equals).isPresent() && !t.isDone())
            .findFirst();
    seen.set(Optional.of(now));
    open.set(stays.map(Task::number).orElseGet(() -> firstUndone(now)));
  }

  private static int firstUndone(Seen now) {
    return now.tasks().stream()
        .filter(t -> !t.isDone())
        .mapToInt(Task::number)
        .findFirst()
        .orElse(-1);
  }

  private Seen plan(List<ProgrammeEntry> mine, Optional<PassageDesk> desk, Optional<Study> study) {
    List<Item> list = new ArrayList<>();
    Map<String, Material> materials = new HashMap<>();
    List<String> leftOut = new ArrayList<>();
    for (ProgrammeEntry entry : mine) {
      long id = entry.passage().id();
      if (isOpen(entry, desk)) {
        // What lies open may change at any time, so nothing is kept of it.
        known.remove(id);
        refused.remove(id);
      }
      Optional<Known> passage =
          isOpen(entry, desk)
              ? Optional.of(Known.of(entry, study.orElseThrow()))
              : Optional.ofNullable(known.get(id));
      passage.ifPresent(p -> list.add(p.item()));
      passage.ifPresent(p -> materials.put(p.item().id(), p.material()));
      Optional.ofNullable(refused.get(id)).ifPresent(leftOut::add);
    }
    Kinships kin = Kinships.of(materials);
    LocalDate today = today();
    Found<OtherItem> besides = workers.askBook(() -> book.otherItems(owner.id()));
    List<OtherItem> others = besides.rows();
    leftOut.addAll(besides.unreadable());
    List<LoggedPass> log =
        workers.askBook(
            () -> {
              List<LoggedPass> all = new ArrayList<>(log(mine, list));
              all.addAll(OtherItemsOfDay.turns(book, others, owner.id()));
              return all;
            });
    others.forEach(other -> list.add(OtherItemsOfDay.item(other)));
    Practised practised = workers.askBook(() -> book.learner(owner.id()));
    leftOut.addAll(practised.unreadable());
    Learner learner = practised.learner();
    Set<String> ticked = workers.askBook(() -> book.cardsDone(owner.id(), today));
    List<LoggedPass> before = log.stream().filter(p -> p.date().isBefore(today)).toList();
    List<LoggedPass> now = log.stream().filter(p -> p.date().equals(today)).toList();
    long seed = owner.id();
    List<Card> cards =
        Schedule.of(learner, list, kin, before, today, 1, seed).days().get(0).cards();
    Schedule ahead = Schedule.of(learner, list, kin, log, today, DAYS_AHEAD, seed);
    List<LoggedPass> played = now.stream().filter(p -> materials.containsKey(p.item())).toList();
    return new Seen(learner, tasks(cards, now, ticked), ahead, others, leftOut, played);
  }

  /** The passes of all passages in the order they were played. */
  private List<LoggedPass> log(List<ProgrammeEntry> mine, List<Item> list) {
    Map<String, Item> byId = new HashMap<>();
    list.forEach(item -> byId.put(item.id(), item));
    return mine.stream()
        .map(e -> e.passage().id())
        .filter(id -> byId.containsKey(String.valueOf(id)))
        .flatMap(id -> book.log(id).rows().stream())
        .sorted(Comparator.comparing(LogEntry::at))
        .map(row -> logged(row, byId.get(String.valueOf(row.passageId()))))
        .toList();
  }

  private LoggedPass logged(LogEntry row, Item item) {
    LogEntry.Played played = row.played();
    return new LoggedPass(
        item.id(),
        row.at().atZone(clock.getZone()).toLocalDate(),
        row.perMinuteIn(item.target().beat()),
        row.clean(),
        row.seconds().orElse(item.passSeconds()),
        played.cold(),
        played.spot(),
        played.spotLeftOut(),
        played.hurts(),
        played.card(),
        played.repeats());
  }

  /** Today's passes fill the cards of their item and kind in order. */
  private static List<Task> tasks(List<Card> cards, List<LoggedPass> now, Set<String> ticked) {
    Map<List<Object>, Integer> left = new HashMap<>();
    now.forEach(p -> left.merge(List.of(p.item(), p.card()), 1, Integer::sum));
    List<Task> tasks = new ArrayList<>();
    for (Card card : cards) {
      List<Object> key = List.of(card.item().map(Item::id).orElse(""), card.kind());
      int there = left.getOrDefault(key, 0);
      int taken = card.passes() > 0 ? Math.min(there, card.passes()) : there;
      left.put(key, there - taken);
      boolean isOther = card.item().filter(i -> !i.isPassage()).isPresent();
      boolean full = isOther ? taken > 0 : card.passes() > 0 && taken >= card.passes();
      String name = nameAmong(tasks, card);
      tasks.add(new Task(tasks.size(), name, card, taken, full || ticked.contains(name)));
    }
    return tasks;
  }

  /** Breaks are alike: they are told apart by how many come before. */
  private static String nameAmong(List<Task> before, Card card) {
    long alike = before.stream().filter(t -> t.card().name().equals(card.name())).count();
    return alike == 0 ? card.name() : card.name() + " +" + alike;
  }

  /** Opens a card; where it is for another passage, that one is laid on the desk. */
  public void choose(int number) {
    Optional<Task> task =
        seen.get()
            .filter(s -> number >= 0 && number < s.tasks().size())
            .map(s -> s.tasks().get(number));
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
  void step(int by) {
    int cards = seen.get().map(s -> s.tasks().size()).orElse(0);
    if (cards > 0) {
      choose(Math.max(0, Math.min(cards - 1, open.get() + by)));
    }
  }

  /** Ticks the open card off and goes on to the next that is not done. */
  void tick() {
    openTask().ifPresent(t -> tick(t.number(), !t.isDone()));
  }

  /** Ticks a card off or takes the tick back. */
  public void tick(int number, boolean done) {
    Task task = seen.get().orElseThrow().tasks().get(number);
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
    if (seen.get().filter(s -> isHeard(s, item.id(), heard)).isPresent()) {
      return;
    }
    workers.keep(
        () -> {
          book.keepHeard(item.id(), heard);
          workers.show(() -> seen.set(seen.get().map(s -> s.heard(item.id(), heard))));
        },
        tell);
  }

  private static boolean isHeard(Seen now, long id, Heard heard) {
    return now.others().stream().anyMatch(o -> o.id() == id && o.heard().equals(heard));
  }

  private void ticked(String name, boolean done) {
    Seen now = seen.get().orElseThrow();
    show(
        now.with(
            now.tasks().stream()
                .map(t -> t.name().equals(name) ? t.with(t.passesDone(), done) : t)
                .toList()));
    goOn(done);
  }

  private void goOn(boolean done) {
    if (done) {
      openTask().ifPresent(t -> choose(t.number()));
    }
  }

  /** The spots of a passage that load the hand, counted over today. */
  List<SpotCount> counts(long passage) {
    String id = String.valueOf(passage);
    List<LoggedPass> passes = seen.get().map(Seen::today).orElse(List.of());
    return item(id).map(Item::spots).orElse(List.of()).stream()
        .filter(Spot::isCapped)
        .map(spot -> SpotCount.of(id, spot, passes))
        .toList();
  }

  private Optional<Item> item(String id) {
    return seen.get().flatMap(s -> s.schedule().item(id)).map(ItemOutlook::item);
  }

  /** Counts a pass that was just logged, and goes on when its card is full. */
  void count(LogEntry entry) {
    item(String.valueOf(entry.passageId()))
        .ifPresent(item -> seen.set(seen.get().map(s -> s.played(logged(entry, item)))));
    Optional<Task> task = openTask();
    boolean counts =
        task.isPresent()
            && isFor(entry.passageId())
            && task.get().card().kind() == entry.played().card();
    if (counts) {
      Seen now = seen.get().orElseThrow();
      Task t = task.get();
      int passes = t.passesDone() + 1;
      boolean full = t.card().passes() > 0 && passes >= t.card().passes();
      List<Task> tasks = new ArrayList<>(now.tasks());
      tasks.set(t.number(), t.with(passes, t.isDone() || full));
      show(now.with(tasks));
      goOn(full);
    }
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
