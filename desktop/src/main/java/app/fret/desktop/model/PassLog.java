package app.fret.desktop.model;

import app.fret.book.Book;
import app.fret.book.Found;
import app.fret.book.LogEntry;
import app.fret.practice.Climb;
import app.fret.practice.Climb.Pass;
import app.fret.practice.Ladder;
import app.fret.practice.PracticePlan;
import app.fret.score.Tempo;
import app.fret.study.Study;
import java.time.Clock;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The passes through a passage, and where they lead on its ladder. */
public final class PassLog {
  private final long passageId;
  private Study study;
  private final Book book;
  private final Clock clock;
  private final Workers workers;
  private final ObservableList<LogEntry> entries = FXCollections.observableArrayList();
  private final List<String> unreadable;
  private final ReadOnlyObjectWrapper<Climb> climb = new ReadOnlyObjectWrapper<>(this, "climb");

  PassLog(
      long passageId,
      Study study,
      Ladder ladder,
      Found<LogEntry> found,
      Book book,
      Clock clock,
      Workers workers) {
    this.passageId = passageId;
    this.study = study;
    this.book = book;
    this.clock = clock;
    this.workers = workers;
    this.entries.setAll(found.rows());
    this.unreadable = found.unreadable();
    climb.set(climb(ladder, found.rows()));
  }

  /** Where passes lead on a ladder. */
  static Climb climb(Ladder ladder, List<LogEntry> entries) {
    List<Pass> passes =
        entries.stream()
            .map(e -> new Pass(e.perMinuteIn(ladder.target().beat()), e.clean()))
            .toList();
    return Climb.after(ladder, passes);
  }

  /** The music or how it goes is another from now on. */
  void setStudy(Study newStudy) {
    study = newStudy;
  }

  /** Where the player stands on the ladder. */
  public ReadOnlyObjectProperty<Climb> climbProperty() {
    return climb.getReadOnlyProperty();
  }

  /** The passes logged so far, oldest first. */
  public ObservableList<LogEntry> entries() {
    return FXCollections.unmodifiableObservableList(entries);
  }

  /** A sentence for each pass in the book that cannot be read. */
  public List<String> unreadable() {
    return unreadable;
  }

  /**
   * Logs a pass on the rung that is seen: in the book first, then on screen.
   *
   * @param tell says what happened
   */
  void add(boolean clean, Consumer<Notice> tell) {
    Climb now = climb.get();
    Tempo tempo = now.ladder().tempo(now.rung());
    OptionalDouble seconds =
        OptionalDouble.of(
            PracticePlan.passSeconds(
                study.passage(), study.brief().tempos(), study.choices().target(), tempo));
    LogEntry entry = new LogEntry(passageId, clock.instant(), tempo, seconds, clean);
    workers.keep(
        () -> {
          book.addToLog(entry);
          workers.show(() -> logged(entry, now, tell));
        },
        tell);
  }

  private void logged(LogEntry entry, Climb before, Consumer<Notice> tell) {
    entries.add(entry);
    Climb after = entry.clean() ? climb.get().clean() : climb.get().miss();
    climb.set(after);
    tell.accept(Notice.of(words(before, after, entry.clean())));
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
        ? "Two misses in a row: back to " + next + "."
        : (clean ? "Clean at " : "A miss at ") + tempo + " is in the log.";
  }
}
