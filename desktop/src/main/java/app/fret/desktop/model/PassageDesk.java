package app.fret.desktop.model;

import app.fret.book.Book;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.book.LogEntry;
import app.fret.instrument.Instrument;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinConflictException;
import app.fret.practice.Climb;
import app.fret.practice.Climb.Pass;
import app.fret.score.Finger;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import app.fret.study.Choices;
import app.fret.study.Study;
import java.time.Clock;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.Executor;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleIntegerProperty;

/**
 * One open passage: its study, what is selected, what can be undone, and its log.
 *
 * <p>A change makes new {@link Choices}; the study is computed on the background executor and
 * swapped whole. Every accepted change is in the book before it is shown.
 */
public final class PassageDesk {
  /** What lies open and where it is kept. */
  public record Opened(
      BookPlayer owner, BookPassage entry, Passage passage, List<String> skipped) {}

  private final Opened opened;
  private final Book book;
  private final Player player;
  private final Clock clock;
  private final Executor background;
  private final Executor ui;
  private final ReadOnlyObjectWrapper<Study> study;
  private final ReadOnlyObjectWrapper<Climb> climb = new ReadOnlyObjectWrapper<>(this, "climb");
  private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper(this, "message", "");
  private final IntegerProperty selectedNote = new SimpleIntegerProperty(this, "selectedNote", 0);
  private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper(this, "canUndo");
  private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper(this, "canRedo");
  private final Deque<Choices> undone = new ArrayDeque<>();
  private final Deque<Choices> done = new ArrayDeque<>();
  private Choices wanted;

  /** A desk for a passage whose first study is at hand. */
  public PassageDesk(
      Opened opened, Book book, Study first, Clock clock, Executor background, Executor ui) {
    this.opened = opened;
    this.book = book;
    this.player = first.player();
    this.clock = clock;
    this.background = background;
    this.ui = ui;
    this.study = new ReadOnlyObjectWrapper<>(this, "study", first);
    this.wanted = first.choices();
    readLog();
  }

  private void readLog() {
    List<Pass> passes =
        book.log(opened.entry().id()).stream()
            .map(e -> new Pass(e.perMinute(), e.clean()))
            .toList();
    climb.set(Climb.after(study.get().practice().ladder(), passes));
  }

  /** What lies open. */
  public Opened opened() {
    return opened;
  }

  /** The study in force. */
  public ReadOnlyObjectProperty<Study> studyProperty() {
    return study.getReadOnlyProperty();
  }

  /** The study in force. */
  public Study study() {
    return study.get();
  }

  /** Where the player stands on the ladder. */
  public ReadOnlyObjectProperty<Climb> climbProperty() {
    return climb.getReadOnlyProperty();
  }

  /** What just happened, in a sentence; empty when nothing did. */
  public ReadOnlyStringProperty messageProperty() {
    return message.getReadOnlyProperty();
  }

  /** Number of the selected note. */
  public IntegerProperty selectedNoteProperty() {
    return selectedNote;
  }

  /** Whether a decision can be taken back. */
  public ReadOnlyBooleanProperty canUndoProperty() {
    return canUndo.getReadOnlyProperty();
  }

  /** Whether a decision taken back can be made again. */
  public ReadOnlyBooleanProperty canRedoProperty() {
    return canRedo.getReadOnlyProperty();
  }

  /** The passes logged so far, oldest first. */
  public List<LogEntry> log() {
    return book.log(opened.entry().id());
  }

  /** The plan of the selected note. */
  public NotePlan selected() {
    return study.get().leftHand().notes().get(selectedNote.get());
  }

  /** Carries a command out. */
  public void perform(Command command) {
    switch (command) {
      case NEXT_NOTE -> select(selectedNote.get() + 1);
      case PREVIOUS_NOTE -> select(selectedNote.get() - 1);
      case PIN_OPEN -> pinFinger(Finger.OPEN);
      case PIN_FIRST -> pinFinger(Finger.FIRST);
      case PIN_SECOND -> pinFinger(Finger.SECOND);
      case PIN_THIRD -> pinFinger(Finger.THIRD);
      case PIN_FOURTH -> pinFinger(Finger.FOURTH);
      case PIN_STRING_1 -> pinString(1);
      case PIN_STRING_2 -> pinString(2);
      case PIN_STRING_3 -> pinString(3);
      case PIN_STRING_4 -> pinString(4);
      case PIN_AS_SHOWN -> pinAsShown();
      case FREE -> free();
      case UNDO -> undo();
      case REDO -> redo();
      case CLEAN -> log(true);
      case MISS -> log(false);
      case SAVE -> message.set("Nothing to save: every change is kept at once.");
    }
  }

  /** Selects a note; beyond either end the last one there stays. */
  public void select(int note) {
    selectedNote.set(Math.max(0, Math.min(study.get().notes().size() - 1, note)));
  }

  private void pinFinger(Finger finger) {
    int note = selectedNote.get();
    pin(wanted.pinOn(note).map(p -> p.withFinger(finger)).orElse(Pin.finger(note, finger)));
  }

  private void pinString(int string) {
    if (string <= player.instrument().stringCount()) {
      int note = selectedNote.get();
      pin(wanted.pinOn(note).map(p -> p.withString(string)).orElse(Pin.string(note, string)));
    }
  }

  private void pinAsShown() {
    NotePlan plan = selected();
    if (!plan.placement().isLeftOut()) {
      pin(
          Pin.of(
              plan.note().number(),
              plan.placement().top().string(),
              plan.placement().top().finger()));
    }
  }

  /** Pins a note; the plan follows, or the message says why it cannot. */
  public void pin(Pin pin) {
    change(
        wanted.withPin(pin),
        "Pinned " + pin.words(player.instrument()) + " on " + place(pin.note()));
  }

  private void free() {
    int note = selectedNote.get();
    if (wanted.pinOn(note).isEmpty()) {
      message.set("Nothing is pinned on " + place(note) + ".");
    } else {
      change(wanted.withoutPin(note), "Freed " + place(note));
    }
  }

  private String place(int note) {
    PlayedNote played = study.get().notes().get(note);
    String pitch = played.notes().get(played.notes().size() - 1).written().display();
    return pitch + " in bar " + opened.passage().bars().get(played.bar()).label();
  }

  private void change(Choices next, String what) {
    Choices before = wanted;
    wanted = next;
    compute(
        next,
        what,
        () -> {
          done.push(before);
          undone.clear();
        });
  }

  private void undo() {
    if (done.isEmpty()) {
      message.set("Nothing to undo.");
      return;
    }
    Choices back = done.pop();
    undone.push(wanted);
    wanted = back;
    compute(back, "Taken back", () -> {});
  }

  private void redo() {
    if (undone.isEmpty()) {
      message.set("Nothing to redo.");
      return;
    }
    Choices again = undone.pop();
    done.push(wanted);
    wanted = again;
    compute(again, "Made again", () -> {});
  }

  private void compute(Choices next, String what, Runnable onAccepted) {
    work(
        () -> {
          try {
            Study planned = study.get().with(next);
            book.keepChoices(opened.entry().id(), next);
            ui.execute(
                () -> {
                  onAccepted.run();
                  accept(planned, what);
                });
          } catch (PinConflictException e) {
            ui.execute(() -> refuse(e));
          } catch (OutOfRangeException e) {
            ui.execute(() -> message.set(e.getMessage()));
          }
        });
  }

  /** Runs work in the background; after a mistake of Fret's own the last good study stays. */
  private void work(Runnable task) {
    background.execute(
        () -> {
          try {
            task.run();
          } catch (RuntimeException e) {
            ui.execute(
                () -> {
                  wanted = study.get().choices();
                  message.set(Words.ownMistake(e));
                });
          }
        });
  }

  private void accept(Study planned, String what) {
    int changed = changedNotes(study.get(), planned);
    study.set(planned);
    canUndo.set(!done.isEmpty());
    canRedo.set(!undone.isEmpty());
    message.set(
        what
            + (changed == 0
                ? ". No finger changed."
                : changed == 1 ? ". 1 note changed." : ". " + changed + " notes changed."));
  }

  private static int changedNotes(Study before, Study after) {
    int changed = 0;
    for (int i = 0; i < before.notes().size(); i++) {
      boolean same =
          before
              .leftHand()
              .notes()
              .get(i)
              .placement()
              .stops()
              .equals(after.leftHand().notes().get(i).placement().stops());
      changed += same ? 0 : 1;
    }
    return changed;
  }

  private void refuse(PinConflictException conflict) {
    wanted = study.get().choices();
    message.set("Bar " + barOf(conflict.note()) + ": " + conflict.getMessage() + ".");
  }

  private String barOf(int note) {
    return opened.passage().bars().get(study.get().notes().get(note).bar()).label();
  }

  private void log(boolean clean) {
    Climb now = climb.get();
    double perMinute = now.ladder().rungs().get(now.rung());
    LogEntry entry = new LogEntry(opened.entry().id(), clock.instant(), perMinute, clean);
    work(
        () -> {
          book.addToLog(entry);
          ui.execute(() -> logged(now, clean));
        });
  }

  private void logged(Climb before, boolean clean) {
    Climb after = clean ? climb.get().clean() : climb.get().miss();
    climb.set(after);
    String tempo = Words.number(before.ladder().rungs().get(before.rung()));
    String next = Words.number(after.ladder().rungs().get(after.rung()));
    if (after.isDone() && clean) {
      message.set("Clean at the target tempo. Keep it up with one run a day.");
    } else if (after.rung() > before.rung()) {
      message.set("Rung " + tempo + " is passed. Go on at " + next + ".");
    } else if (after.rung() < before.rung()) {
      message.set("Two misses in a row: back to " + next + ".");
    } else {
      message.set((clean ? "Clean at " : "A miss at ") + tempo + " is in the log.");
    }
  }

  /** Instrument it is played on. */
  public Instrument instrument() {
    return player.instrument();
  }
}
