package app.fret.desktop.model;

import app.fret.book.Book;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.book.LogEntry;
import app.fret.instrument.Instrument;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Stop;
import app.fret.practice.Climb;
import app.fret.practice.Climb.Pass;
import app.fret.score.Finger;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import app.fret.score.Span;
import app.fret.study.Choices;
import app.fret.study.Study;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
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
  private final Clock clock;
  private final Executor background;
  private final Executor ui;
  private final ReadOnlyObjectWrapper<Study> study;
  private final ReadOnlyObjectWrapper<Climb> climb = new ReadOnlyObjectWrapper<>(this, "climb");
  private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper(this, "message", "");
  private final ReadOnlyObjectWrapper<Optional<Pin>> offer =
      new ReadOnlyObjectWrapper<>(this, "offer", Optional.empty());
  private final ReadOnlyObjectWrapper<Set<Integer>> changedNotes =
      new ReadOnlyObjectWrapper<>(this, "changedNotes", Set.of());
  private final IntegerProperty selectedNote = new SimpleIntegerProperty(this, "selectedNote", 0);
  private final IntegerProperty selectionStart =
      new SimpleIntegerProperty(this, "selectionStart", 0);
  private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper(this, "canUndo");
  private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper(this, "canRedo");
  private final Decisions decisions;
  private Decision inForce;
  private boolean extending;

  /** A desk for a passage whose first study is at hand. */
  public PassageDesk(
      Opened opened, Book book, Study first, Clock clock, Executor background, Executor ui) {
    this.opened = opened;
    this.book = book;
    this.clock = clock;
    this.background = background;
    this.ui = ui;
    this.study = new ReadOnlyObjectWrapper<>(this, "study", first);
    this.decisions = new Decisions(new Decision(first.choices(), opened.owner().setup()));
    this.inForce = decisions.wanted();
    selectedNote.addListener((property, before, now) -> startAt(now.intValue()));
    readLog();
  }

  /** A selection begins anew unless it is being extended. */
  private void startAt(int note) {
    if (!extending) {
      selectionStart.set(note);
    }
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

  /** The other end of the selection; the selected note itself where only one is selected. */
  public ReadOnlyIntegerProperty selectionStartProperty() {
    return selectionStart;
  }

  /** The pin nearest to one that could not be met, for the player to take instead. */
  public ReadOnlyObjectProperty<Optional<Pin>> offerProperty() {
    return offer.getReadOnlyProperty();
  }

  /** Numbers of the notes whose fingers or strings the last change moved. */
  public ReadOnlyObjectProperty<Set<Integer>> changedNotesProperty() {
    return changedNotes.getReadOnlyProperty();
  }

  /** What the player says of instrument and hand. */
  public PlayerSetup setup() {
    return decisions.wanted().setup();
  }

  /** Indexes of the first and last bar that the selection touches. */
  public Span selectedBars() {
    int one = study.get().notes().get(selectionStart.get()).bar();
    int other = study.get().notes().get(selectedNote.get()).bar();
    return new Span(Math.min(one, other), Math.max(one, other));
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
      case EXTEND_NEXT -> extend(selectedNote.get() + 1);
      case EXTEND_PREVIOUS -> extend(selectedNote.get() - 1);
      case PIN_THUMB -> pinFinger(Finger.THUMB);
      case PIN_OPEN -> pinFinger(Finger.OPEN);
      case PIN_FIRST -> pinFinger(Finger.FIRST);
      case PIN_SECOND -> pinFinger(Finger.SECOND);
      case PIN_THIRD -> pinFinger(Finger.THIRD);
      case PIN_FOURTH -> pinFinger(Finger.FOURTH);
      case PIN_STRING_1 -> pinString(1);
      case PIN_STRING_2 -> pinString(2);
      case PIN_STRING_3 -> pinString(3);
      case PIN_STRING_4 -> pinString(4);
      case PIN_STRING_5 -> pinString(5);
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
    selectedNote.set(within(note));
    selectionStart.set(selectedNote.get());
  }

  private void extend(int note) {
    extending = true;
    selectedNote.set(within(note));
    extending = false;
  }

  private int within(int note) {
    return Math.max(0, Math.min(study.get().notes().size() - 1, note));
  }

  /** Plans the passage under another profile. */
  public void setProfile(String name) {
    Profile profile = Profiles.named(name);
    change(
        decisions.wanted().with(decisions.wanted().choices().withProfile(profile)),
        profile.label());
  }

  /** Plans the passage for another hand, instrument or school. */
  public void setSetup(PlayerSetup setup, String what) {
    change(decisions.wanted().with(setup), what);
  }

  /** Makes a plan of these pins beside those there are. */
  public void pinAll(List<Pin> pins, String what) {
    Choices next = decisions.wanted().choices();
    for (Pin pin : pins) {
      next = next.withPin(pin);
    }
    change(decisions.wanted().with(next), what);
  }

  /** Works out the plans worth comparing and hands them on. */
  public void compare(Consumer<List<Candidate>> onReady) {
    Study now = study.get();
    message.set("Working out the plans to compare …");
    work(
        () -> {
          List<Candidate> candidates = Candidates.of(now);
          ui.execute(
              () -> {
                message.set("");
                onReady.accept(candidates);
              });
        });
  }

  /** Takes a compared plan, for the whole passage or for some bars. */
  public void take(Candidate candidate, Optional<Span> bars) {
    if (bars.isEmpty() && candidate.profile().isPresent()) {
      setProfile(candidate.profile().get());
      return;
    }
    int lastBar = opened.passage().bars().size() - 1;
    Span taken = bars.orElse(new Span(0, lastBar));
    List<Pin> pins = candidate.pinsAgainst(study.get().leftHand(), taken);
    if (pins.isEmpty()) {
      message.set("These bars are already taken so.");
    } else {
      pinAll(pins, "Took " + candidate.name().toLowerCase(Locale.ROOT));
    }
  }

  /** Takes the pin that was offered in place of one that could not be met. */
  public void takeOffer() {
    offer.get().ifPresent(this::pin);
  }

  private void pinFinger(Finger finger) {
    int note = selectedNote.get();
    pin(pinOn(note).map(p -> p.withFinger(finger)).orElse(Pin.finger(note, finger)));
  }

  private void pinString(int string) {
    if (string <= instrument().stringCount()) {
      int note = selectedNote.get();
      pin(pinOn(note).map(p -> p.withString(string)).orElse(Pin.string(note, string)));
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
        decisions.wanted().with(decisions.wanted().choices().withPin(pin)),
        "Pinned " + pin.words(instrument()) + " on " + place(pin.note()));
  }

  private void free() {
    int note = selectedNote.get();
    if (pinOn(note).isEmpty()) {
      message.set("Nothing is pinned on " + place(note) + ".");
    } else {
      Choices choices = decisions.wanted().choices();
      change(decisions.wanted().with(choices.withoutPin(note)), "Freed " + place(note));
    }
  }

  private Optional<Pin> pinOn(int note) {
    return decisions.wanted().choices().pinOn(note);
  }

  private String place(int note) {
    PlayedNote played = study.get().notes().get(note);
    String pitch = played.notes().get(played.notes().size() - 1).written().display();
    return pitch + " in bar " + opened.passage().bars().get(played.bar()).label();
  }

  private void change(Decision next, String what) {
    Decision before = decisions.wanted();
    decisions.want(next);
    compute(next, what, () -> decisions.accepted(before));
  }

  private void undo() {
    decisions
        .undo()
        .ifPresentOrElse(
            back -> compute(back, "Taken back", () -> {}), () -> message.set("Nothing to undo."));
  }

  private void redo() {
    decisions
        .redo()
        .ifPresentOrElse(
            again -> compute(again, "Made again", () -> {}), () -> message.set("Nothing to redo."));
  }

  private void compute(Decision next, String what, Runnable onAccepted) {
    offer.set(Optional.empty());
    work(
        () -> {
          try {
            Study planned = planned(next);
            book.keepChoices(opened.entry().id(), next.choices());
            book.keepSetup(opened.owner().id(), next.setup());
            ui.execute(
                () -> {
                  onAccepted.run();
                  inForce = next;
                  accept(planned, what);
                });
          } catch (PinConflictException e) {
            ui.execute(() -> refuse(e, next));
          } catch (OutOfRangeException | IllegalArgumentException e) {
            ui.execute(() -> refuse(e.getMessage()));
          }
        });
  }

  private Study planned(Decision next) throws OutOfRangeException, PinConflictException {
    Player player = next.setup().player(study.get().player().name());
    return player.equals(study.get().player())
        ? study.get().with(next.choices())
        : Study.of(opened.passage(), player, next.choices());
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
                  decisions.refuse(inForce);
                  message.set(Words.ownMistake(e));
                });
          }
        });
  }

  private void accept(Study planned, String what) {
    Set<Integer> changed = changedNotes(study.get(), planned);
    study.set(planned);
    changedNotes.set(changed);
    canUndo.set(decisions.canUndo());
    canRedo.set(decisions.canRedo());
    message.set(
        what
            + (changed.isEmpty()
                ? ". No finger changed."
                : changed.size() == 1
                    ? ". 1 note changed."
                    : ". " + changed.size() + " notes changed."));
  }

  private static Set<Integer> changedNotes(Study before, Study after) {
    Set<Integer> changed = new TreeSet<>();
    for (int i = 0; i < before.notes().size(); i++) {
      List<Stop> stops = before.leftHand().notes().get(i).placement().stops();
      if (!stops.equals(after.leftHand().notes().get(i).placement().stops())) {
        changed.add(i);
      }
    }
    return changed;
  }

  private void refuse(String why) {
    decisions.refuse(inForce);
    message.set(why);
  }

  private void refuse(PinConflictException conflict, Decision asked) {
    decisions.refuse(inForce);
    offer.set(asked.choices().pinOn(selectedNote.get()).flatMap(this::nearest));
    message.set("Bar " + barOf(conflict.note()) + ": " + conflict.getMessage() + ".");
  }

  /** Of the other ways of a note the cheapest with the finger asked for, else with the string. */
  private Optional<Pin> nearest(Pin asked) {
    NotePlan plan = study.get().leftHand().notes().get(asked.note());
    Predicate<Stop> sameFinger = s -> asked.finger().map(f -> f == s.finger()).orElse(false);
    Predicate<Stop> sameString =
        s -> asked.string().isPresent() && asked.string().getAsInt() == s.string();
    return first(plan, sameFinger)
        .or(() -> first(plan, sameString))
        .or(() -> first(plan, s -> true))
        .map(s -> Pin.of(asked.note(), s.string(), s.finger()));
  }

  private static Optional<Stop> first(NotePlan plan, Predicate<Stop> wanted) {
    return plan.otherWays().stream().map(w -> w.placement().top()).filter(wanted).findFirst();
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
    return study.get().player().instrument();
  }
}
