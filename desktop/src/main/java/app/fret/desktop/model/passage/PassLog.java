package app.fret.desktop.model.passage;

import app.fret.book.Book;
import app.fret.book.Found;
import app.fret.book.LogEntry;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.model.work.Workers;
import app.fret.practice.Climb;
import app.fret.practice.Climb.Pass;
import app.fret.practice.Gate;
import app.fret.practice.Ladder;
import app.fret.practice.PracticePlan;
import app.fret.practice.schedule.Miss;
import app.fret.score.Tempo;
import app.fret.study.Study;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The passes through a passage, and where they lead on its ladder. */
public final class PassLog {
  private static final String CARE =
      "Stop here for today: what hurt rests and comes back by halves. If it hurts again, ask your"
          + " teacher or a clinician before you go on.";

  private final long passageId;
  private Study study;
  private final Book book;
  private final Clock clock;
  private final Workers workers;
  private final ObservableList<LogEntry> entries = FXCollections.observableArrayList();
  private final ObservableList<LogEntry> shown = FXCollections.unmodifiableObservableList(entries);
  private final List<String> unreadable;
  private final ReadOnlyObjectWrapper<Optional<Boolean>> onItsWay =
      new ReadOnlyObjectWrapper<>(this, "onItsWay", Optional.empty());
  private Consumer<LogEntry> added = entry -> {};
  private Runnable changed = () -> {};
  private final ReadOnlyObjectWrapper<Climb> climb = new ReadOnlyObjectWrapper<>(this, "climb");

  PassLog(
      long passageId, Study study, Found<LogEntry> found, Book book, Clock clock, Workers workers) {
    this.passageId = passageId;
    this.study = study;
    this.book = book;
    this.clock = clock;
    this.workers = workers;
    this.entries.setAll(found.rows());
    this.unreadable = found.unreadable();
    climb.set(climb(entries));
  }

  /** Where passes lead on a ladder. */
  public static Climb climb(Ladder ladder, Gate gate, List<LogEntry> entries) {
    List<Pass> passes =
        entries.stream()
            .filter(PassLog::countsForTempo)
            .map(e -> new Pass(e.perMinuteIn(ladder.target().beat()), e.clean()))
            .toList();
    return Climb.after(ladder, gate, passes);
  }

  /** Whether a pass counts on the ladder: through the whole, with nothing left out, unhurt. */
  private static boolean countsForTempo(LogEntry entry) {
    LogEntry.Played played = entry.played();
    return played.card().isWholePass() && !played.spotLeftOut() && !played.hurts();
  }

  /** Where the passes lead on the ladder of the study in force. */
  private Climb climb(List<LogEntry> passes) {
    return climb(study.practice().ladder(), study.choices().practice().gate(), passes);
  }

  /** The music or how it goes is another from now on; another ladder is climbed by the same log. */
  void setStudy(Study newStudy) {
    study = newStudy;
    Climb before = climb.get();
    boolean isOther =
        !before.ladder().equals(newStudy.practice().ladder())
            || !before.gate().equals(newStudy.choices().practice().gate());
    if (isOther) {
      climb.set(climb(entries));
    }
  }

  /** Where the player stands on the ladder. */
  public ReadOnlyObjectProperty<Climb> climbProperty() {
    return climb.getReadOnlyProperty();
  }

  /** The passes logged so far, oldest first. */
  public ObservableList<LogEntry> entries() {
    return shown;
  }

  /** A sentence for each pass in the book that cannot be read. */
  public List<String> unreadable() {
    return unreadable;
  }

  /**
   * A pass that is to be logged.
   *
   * @param seconds how long it takes, where it is not the whole passage
   */
  record Counted(boolean clean, Tempo tempo, LogEntry.Played played, OptionalDouble seconds) {}

  /** Logs several passes at once, in order. */
  void addAll(List<Counted> passes, Consumer<Notice> tell) {
    Instant now = clock.instant();
    List<LogEntry> all = new ArrayList<>();
    for (int i = 0; i < passes.size(); i++) {
      // Each has a moment of its own, by which other books know it.
      all.add(entry(passes.get(i), now.plusMillis(i), i == 0 && isCold()));
    }
    keep(
        all.get(all.size() - 1).clean(),
        () -> {
          all.forEach(book::addToLog);
          workers.show(() -> show(all, tell));
        },
        tell);
  }

  /** Passes that are in the book now: what is said of a full spot comes after what is said here. */
  private void show(List<LogEntry> all, Consumer<Notice> tell) {
    String last = "";
    for (LogEntry entry : all) {
      last = logged(entry);
    }
    String words = all.size() == 1 ? last : all.size() + " passes are in the log. " + last;
    tell.accept(Notice.of(words));
    all.forEach(added);
  }

  /**
   * Says what went wrong: in the miss that was logged last, where nothing was said of it yet and it
   * was of the same card, else in a miss that is logged now.
   */
  void addMiss(Miss miss, Counted counted, Consumer<Notice> tell) {
    LogEntry.Played played = counted.played().missing(List.of(miss));
    LogEntry entry =
        entry(
            new Counted(false, counted.tempo(), played, counted.seconds()),
            clock.instant(),
            isCold());
    keep(
        false,
        () -> {
          Optional<LogEntry> open = book.lastLogged(passageId).filter(l -> isOpenMissOf(l, entry));
          if (open.isPresent()) {
            keepMisses(open.get(), List.of(miss.or(open.get().played().spot())), tell);
          } else {
            book.addToLog(entry);
            workers.show(
                () -> {
                  logged(entry);
                  tell.accept(Notice.of(MissWords.of(entry.played().misses())));
                  added.accept(entry);
                });
          }
        },
        tell);
  }

  /** Adds another thing that went wrong in the miss that was logged last. */
  void addToMiss(Miss miss, Consumer<Notice> tell) {
    String none = "The pass logged last was no miss: press M first.";
    withLastLogged(
        none,
        last -> {
          if (isMiss(last)) {
            List<Miss> all = new ArrayList<>(last.played().misses());
            all.add(miss);
            keepMisses(last, all, tell);
          } else {
            workers.show(() -> tell.accept(Notice.of(none)));
          }
        },
        last -> {},
        tell);
  }

  /** On the book's own thread. */
  private void keepMisses(LogEntry pass, List<Miss> misses, Consumer<Notice> tell) {
    book.keepMisses(pass, misses);
    workers.show(
        () -> {
          onItsWay.set(Optional.empty());
          indexOf(pass).ifPresent(i -> entries.set(i, entries.get(i).missing(misses)));
          tell.accept(Notice.of(MissWords.of(misses)));
          changed.run();
        });
  }

  private static boolean isMiss(LogEntry entry) {
    return !entry.clean() && !entry.played().hurts();
  }

  private boolean isOpenMissOf(LogEntry last, LogEntry now) {
    return isMiss(last)
        && last.played().misses().isEmpty()
        && last.played().card() == now.played().card()
        && day(last).equals(day(now));
  }

  private boolean isCold() {
    return entries.stream().noneMatch(e -> day(e).equals(LocalDate.now(clock)));
  }

  private LogEntry entry(Counted pass, Instant at, boolean cold) {
    OptionalDouble seconds =
        pass.seconds().isPresent()
            ? pass.seconds()
            : OptionalDouble.of(
                PracticePlan.passSeconds(
                    study.passage(),
                    study.brief().tempos(),
                    study.choices().target(),
                    pass.tempo()));
    return new LogEntry(
        passageId, at, pass.tempo(), seconds, pass.clean(), pass.played().asCold(cold));
  }

  /** Does something that logs passes; a button shows it until it is on the disk. */
  private void keep(boolean clean, Runnable work, Consumer<Notice> tell) {
    onItsWay.set(Optional.of(clean));
    workers.keep(
        work,
        fault -> {
          onItsWay.set(Optional.empty());
          tell.accept(fault);
        });
  }

  /** Whether a pass is on its way to the disk, and whether a clean one. */
  public ReadOnlyObjectProperty<Optional<Boolean>> onItsWayProperty() {
    return onItsWay.getReadOnlyProperty();
  }

  /** Notes words on the pass that was logged last; blank ones take them away. */
  void note(String words, Consumer<Notice> tell) {
    Optional<String> kept = Optional.of(words.strip()).filter(w -> !w.isEmpty());
    withLastLogged(
        "Nothing is in the log yet to note this on.",
        last -> book.noteOn(last, kept),
        last -> {
          indexOf(last).ifPresent(i -> entries.set(i, entries.get(i).noted(kept)));
          tell.accept(Notice.of("Noted on the pass that was logged last."));
        },
        tell);
  }

  /** Where a pass of the book stands here: of several at one moment the last. */
  private OptionalInt indexOf(LogEntry pass) {
    return IntStream.range(0, entries.size())
        .filter(i -> entries.get(i).at().equals(pass.at()))
        .max();
  }

  /**
   * Does something to the pass that was logged last in this book: what a clock elsewhere calls
   * newer, or what came in a packet since, is not meant by one who has just made a slip.
   */
  private void withLastLogged(
      String none, Consumer<LogEntry> keep, Consumer<LogEntry> show, Consumer<Notice> tell) {
    workers.keep(
        () -> {
          Optional<LogEntry> last = book.lastLogged(passageId);
          last.ifPresent(keep);
          workers.show(() -> last.ifPresentOrElse(show, () -> tell.accept(Notice.of(none))));
        },
        tell);
  }

  private LocalDate day(LogEntry entry) {
    return entry.at().atZone(clock.getZone()).toLocalDate();
  }

  /** Shows a pass that is in the book now, and says where it leads. */
  private String logged(LogEntry entry) {
    onItsWay.set(Optional.empty());
    entries.add(entry);
    String words = (entry.clean() ? "Clean" : "A miss") + ": in the log.";
    if (entry.played().hurts()) {
      words = CARE;
    } else if (countsForTempo(entry)) {
      Climb before = climb.get();
      double perMinute = entry.perMinuteIn(before.ladder().target().beat());
      climb.set(before.after(new Pass(perMinute, entry.clean())));
      words = words(before, climb.get(), entry.clean());
    }
    return words;
  }

  /** Hears of every pass that was added. */
  void onAdded(Consumer<LogEntry> listener) {
    added = listener;
  }

  /** Takes the pass back that was logged last, a slip of the hand. */
  void takeBack(Consumer<Notice> tell) {
    withLastLogged(
        "Nothing was logged here to take back.",
        book::takeBack,
        last -> {
          indexOf(last).ifPresent(i -> entries.remove(i));
          climb.set(climb(entries));
          tell.accept(
              Notice.of(
                  "The pass logged last ("
                      + (last.played().hurts() ? "it hurt" : last.clean() ? "clean" : "a miss")
                      + ", at "
                      + Words.number(last.tempo().perMinute())
                      + ") is taken out of the log."));
          changed.run();
        },
        tell);
  }

  /** Hears when a pass was taken back, or more was said of one. */
  void onChanged(Runnable listener) {
    changed = listener;
  }

  private static String words(Climb before, Climb after, boolean clean) {
    String tempo = Words.number(before.ladder().rungs().get(before.rung()));
    String next = Words.number(after.ladder().rungs().get(after.rung()));
    if (after.isDone() && clean) {
      return "Clean at the target tempo. Keep it up with one run a day.";
    }
    if (after.rung() > before.rung()) {
      return "Rung " + tempo + " is passed. Go on at " + next + ".";
    }
    return after.rung() < before.rung()
        ? (after.gate().isStrict() ? "A miss" : "Two misses in a row") + ": back to " + next + "."
        : (clean ? "Clean at " : "A miss at ") + tempo + " is in the log.";
  }
}
