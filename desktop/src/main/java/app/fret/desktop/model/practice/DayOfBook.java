package app.fret.desktop.model.practice;

import app.fret.book.Book;
import app.fret.book.BookPlayer;
import app.fret.book.Found;
import app.fret.book.LogEntry;
import app.fret.book.OtherItem;
import app.fret.book.PassageNote;
import app.fret.book.Practised;
import app.fret.desktop.model.work.Workers;
import app.fret.practice.programme.ProgrammeDays;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.PutBack;
import app.fret.practice.schedule.Round;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Plans a player's day from the log and the settings in the book. */
final class DayOfBook {
  /** How far ahead days are planned for the strip to the date. */
  private static final int DAYS_AHEAD = 70;

  private final BookPlayer owner;
  private final Book book;
  private final Clock clock;

  DayOfBook(BookPlayer owner, Book book, Clock clock) {
    this.owner = owner;
    this.book = book;
    this.clock = clock;
  }

  /** The book's share in a day, read at one time. */
  private record Read(
      Found<OtherItem> others,
      List<LoggedPass> log,
      Practised practised,
      Set<String> ticked,
      Map<String, Agreed> agreed,
      List<Round> rounds,
      List<String> drawn,
      List<String> unreadable) {
    /** What was agreed on of a passage. */
    private record Agreed(Found<PutBack> putBack, Found<PassageNote> notes) {
      Item with(Item item) {
        return item.withPutBack(putBack.rows())
            .withNotes(notes.rows().stream().map(PassageNote::line).toList());
      }
    }
  }

  /** The day of these passages; asks the book on its own thread. */
  DayView plan(PlannedPassages.Listed passages, Workers workers) {
    LocalDate today = LocalDate.now(clock);
    Read read = workers.askBook(() -> read(passages.items(), today));
    List<Item> items = new ArrayList<>();
    for (Item passage : passages.items()) {
      items.add(read.agreed().get(passage.id()).with(passage).inRounds(read.rounds(), today));
    }
    read.others().rows().forEach(other -> items.add(OtherItemsOfDay.item(other)));
    List<String> leftOut = new ArrayList<>(passages.leftOut());
    leftOut.addAll(read.others().unreadable());
    leftOut.addAll(read.practised().unreadable());
    leftOut.addAll(read.unreadable());
    ProgrammeDays programme =
        new ProgrammeDays(
            read.practised().learner(), items, passages.materials(), read.log(), owner.id());
    List<LoggedPass> played =
        programme.playedOn(today).stream()
            .filter(p -> passages.materials().containsKey(p.item()))
            .toList();
    return new DayView(
        programme.learner(),
        programme.tasks(today, read.ticked(), read.drawn()),
        programme.from(today, DAYS_AHEAD),
        read.others().rows(),
        read.rounds(),
        read.drawn(),
        leftOut,
        played);
  }

  private Read read(List<Item> passages, LocalDate today) {
    Found<OtherItem> others = book.otherItems(owner.id());
    List<LoggedPass> log = new ArrayList<>(log(passages));
    log.addAll(OtherItemsOfDay.turns(book, others.rows(), owner.id()));
    Map<String, Read.Agreed> agreed = new HashMap<>();
    Found<Round> rounds = book.agreements().rounds(owner.id());
    List<String> unreadable = new ArrayList<>(rounds.unreadable());
    for (Item passage : passages) {
      long id = Long.parseLong(passage.id());
      Read.Agreed of = new Read.Agreed(book.putBacks(id), book.agreements().notes(id));
      agreed.put(passage.id(), of);
      unreadable.addAll(of.putBack().unreadable());
      unreadable.addAll(of.notes().unreadable());
    }
    return new Read(
        others,
        log,
        book.learner(owner.id()),
        book.cardsDone(owner.id(), today),
        agreed,
        rounds.rows(),
        book.agreements().drawn(owner.id(), today),
        unreadable);
  }

  /** The passes of all passages in the order they were played. */
  private List<LoggedPass> log(List<Item> passages) {
    Map<Long, Item> byId = new HashMap<>();
    passages.forEach(item -> byId.put(Long.parseLong(item.id()), item));
    return passages.stream()
        .flatMap(item -> book.log(Long.parseLong(item.id())).rows().stream())
        .sorted(Comparator.comparing(LogEntry::at))
        .map(row -> logged(row, byId.get(row.passageId())))
        .toList();
  }

  /** A row of the log as the schedule sees it. */
  LoggedPass logged(LogEntry row, Item item) {
    LogEntry.Played played = row.played();
    LoggedPass pass =
        new LoggedPass(
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
    return played.misses().isEmpty() ? pass : pass.missing(played.misses());
  }
}
