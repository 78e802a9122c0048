package app.fret.desktop.model.passage;

import app.fret.book.Book;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.book.Found;
import app.fret.book.LogEntry;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Workers;
import app.fret.edit.Manuscript;
import app.fret.edit.Origins;
import app.fret.instrument.Instrument;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.Others;
import app.fret.reading.PlayedNote;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.study.Choices;
import app.fret.study.Intake;
import app.fret.study.MovedChoices;
import app.fret.study.Study;
import app.fret.time.TempoChoices;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/**
 * One open passage: its study, what is selected, what can be undone, and its log.
 *
 * <p>A change makes new {@link Choices}; the study is computed on the planning thread, kept on the
 * book's, and only then swapped whole on the window's: every accepted change is in the book before
 * it is shown.
 */
public final class PassageDesk {
  /**
   * What lies open and where it is kept.
   *
   * @param passage the music as it was imported
   * @param intake the whole part it was taken from
   * @param skipped what was left out or read otherwise when the file was read
   * @param layout what Fret lays out anew, in one line
   * @param remarks what of the decisions in the book is not in force, and why
   * @param others what the other parts of the score do, bar by bar of the imported music
   * @param origins which notes of the imported music those of the music in force are
   */
  public record Opened(
      BookPlayer owner,
      BookPassage entry,
      Passage passage,
      Intake intake,
      List<String> skipped,
      Optional<String> layout,
      List<String> remarks,
      Others others,
      Origins origins) {

    /** What the other parts do under some music: where bars came or went they tell nothing. */
    public Others othersUnder(Passage music) {
      return music.bars().size() == passage.bars().size() ? others : Others.NONE;
    }
  }

  private final Opened opened;
  private final Clock clock;
  private final Book book;
  private final Workers workers;
  private final ReadOnlyObjectWrapper<Study> study;
  private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper(this, "message", "");
  private final ReadOnlyObjectWrapper<Optional<Notice>> mistake =
      new ReadOnlyObjectWrapper<>(this, "mistake", Optional.empty());
  private final ReadOnlyObjectWrapper<Optional<Pin>> offer =
      new ReadOnlyObjectWrapper<>(this, "offer", Optional.empty());
  private final ReadOnlyObjectWrapper<Set<Integer>> changedNotes =
      new ReadOnlyObjectWrapper<>(this, "changedNotes", Set.of());
  private final ReadOnlyObjectWrapper<Optional<LocalDate>> due;
  private final Selection selection;
  private final PassLog passes;
  private final ReadDesk read;
  private final LeftHandDesk leftHand;
  private final BowDesk bow = new BowDesk(this);
  private final ShapeDesk shape = new ShapeDesk(this);
  private final PractiseDesk practise;
  private final TrialDesk trial;
  private final OwnWeightsDesk ownWeights;
  private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper(this, "canUndo");
  private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper(this, "canRedo");
  private final DecisionQueue decisions;

  /** What comparing is for: of several comparisons the newest counts. */
  private final Object comparing = new Object();

  /** A desk for a passage whose first study is at hand. */
  public PassageDesk(
      Opened opened, Book book, Study first, Found<LogEntry> log, Clock clock, Workers workers) {
    this.opened = opened;
    this.clock = clock;
    this.practise = new PractiseDesk(this, clock);
    this.book = book;
    this.workers = workers;
    this.study = new ReadOnlyObjectWrapper<>(this, "study", first);
    this.decisions = new DecisionQueue(opened, book, workers, study::get, new Answers());
    this.due = new ReadOnlyObjectWrapper<>(this, "due", opened.entry().dueOn());
    this.selection = new Selection(first.notes().size());
    this.passes = new PassLog(opened.entry().id(), first, log, book, clock, workers);
    this.read = new ReadDesk(this, workers);
    this.leftHand = new LeftHandDesk(this, workers);
    this.trial = new TrialDesk(this, clock);
    this.ownWeights = new OwnWeightsDesk(this, book, workers);
    if (!opened.remarks().isEmpty()) {
      message.set(opened.remarks().get(0));
    }
  }

  /** Keeps the marks of the plan it was opened with. */
  public void keepFirstMarks() {
    decisions.keepFirstMarks();
  }

  /** Its bow. */
  public BowDesk bow() {
    return bow;
  }

  /** Its left hand. */
  public LeftHandDesk leftHand() {
    return leftHand;
  }

  /** What is seen on its page. */
  public ReadDesk read() {
    return read;
  }

  /** Its shape. */
  public ShapeDesk shape() {
    return shape;
  }

  /** What is decided, planned already or still on its way. */
  Choices wantedChoices() {
    return decisions.wanted().choices();
  }

  /** Decides something; the study follows. */
  void decide(Choices next, String what) {
    decisions.ask(decisions.wanted().with(next), what);
  }

  /** Says something. */
  public void say(String what) {
    message.set(what);
  }

  /** Works something out to show, the newest of its kind only. */
  <T> void work(String meanwhile, Supplier<T> task, Consumer<T> onReady) {
    message.set(meanwhile);
    workers.planForShow(
        comparing,
        () -> {
          T result = task.get();
          workers.show(
              () -> {
                message.set("");
                onReady.accept(result);
              });
        },
        this::tell);
  }

  /** What lies open. */
  public Opened opened() {
    return opened;
  }

  /** The day it is for, if there is one. */
  public ReadOnlyObjectProperty<Optional<LocalDate>> dueProperty() {
    return due.getReadOnlyProperty();
  }

  /** Sets the day it is for; empty for none. */
  public void setDue(Optional<LocalDate> day) {
    workers.keep(
        () -> {
          book.keepDue(opened.entry().id(), day);
          workers.show(
              () -> {
                due.set(day);
                message.set(day.isPresent() ? "The day is set." : "There is no day set now.");
              });
        },
        this::tell);
  }

  /** The study in force. */
  public ReadOnlyObjectProperty<Study> studyProperty() {
    return study.getReadOnlyProperty();
  }

  /** The study in force. */
  public Study study() {
    return study.get();
  }

  /** What is selected. */
  public Selection selection() {
    return selection;
  }

  /** The passes through it. */
  public PassLog passes() {
    return passes;
  }

  /** What just happened, in a sentence; empty when nothing did. */
  public ReadOnlyStringProperty messageProperty() {
    return message.getReadOnlyProperty();
  }

  /** A mistake of the program's own that was just made, with details; empty when none was. */
  public ReadOnlyObjectProperty<Optional<Notice>> mistakeProperty() {
    return mistake.getReadOnlyProperty();
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

  /**
   * Indexes of the first and last bar that the selection touches; the first bar when it is empty.
   */
  public Span selectedBars() {
    int one = bar(selection.startProperty().get());
    int other = bar(selection.note());
    return new Span(Math.min(one, other), Math.max(one, other));
  }

  private int bar(Optional<Integer> note) {
    return note.map(n -> study.get().notes().get(n).bar()).orElse(0);
  }

  /** Whether a decision can be taken back. */
  public ReadOnlyBooleanProperty canUndoProperty() {
    return canUndo.getReadOnlyProperty();
  }

  /** Whether a decision taken back can be made again. */
  public ReadOnlyBooleanProperty canRedoProperty() {
    return canRedo.getReadOnlyProperty();
  }

  /** The plan of the selected note; empty in a passage of rests. */
  public Optional<NotePlan> selected() {
    return selection.note().map(n -> study.get().leftHand().notes().get(n));
  }

  /** Carries a command out. */
  public void perform(Command command) {
    command.carryOut(this);
  }

  /** What its player's own choices weigh. */
  public OwnWeightsDesk ownWeights() {
    return ownWeights;
  }

  /** Two ways that are tried. */
  public TrialDesk trial() {
    return trial;
  }

  /** What is counted while this passage is practised. */
  public PractiseDesk practise() {
    return practise;
  }

  /** Today, by the desk's clock. */
  public LocalDate today() {
    return LocalDate.now(clock);
  }

  /** The cards of the player's day; empty where a passage is opened without a programme. */
  public Optional<PracticeDay> day() {
    return practise.day();
  }

  /** Says that there is nothing to save. */
  void save() {
    message.set("Nothing to save: every change is kept at once.");
  }

  void tell(Notice notice) {
    message.set(notice.words());
    notice.details().ifPresent(details -> mistake.set(Optional.of(notice)));
  }

  /** Does something to the selected note, or says that there is none. */
  void withSelected(IntConsumer action) {
    selection
        .note()
        .ifPresentOrElse(
            action::accept, () -> message.set("This passage is all rests: no note to decide on."));
  }

  /** Selects a note; beyond either end the last one there stays. */
  public void select(int note) {
    selection.select(note);
  }

  /** Plans the passage for another tempo, occasion or places that go at their own. */
  public void setTempo(TempoChoices tempo, String what) {
    decisions.ask(decisions.wanted().with(decisions.wanted().choices().with(tempo)), what);
  }

  /** What is wanted of the tempo. */
  public TempoChoices tempo() {
    return decisions.wanted().choices().tempo();
  }

  /** Plans the passage for another hand, instrument or school. */
  public void setSetup(PlayerSetup setup, String what) {
    decisions.ask(decisions.wanted().with(setup), what);
  }

  /** A note in words. */
  String place(int note) {
    PlayedNote played = study.get().notes().get(note);
    String pitch = played.notes().get(played.notes().size() - 1).written().display();
    return pitch + " in bar " + study.get().passage().bars().get(played.bar()).label();
  }

  /** Whether the music is another than what was imported. */
  public boolean isMended() {
    return !study.get().passage().equals(opened.passage());
  }

  /** Plans mended music; decisions stay with their notes, and those that cannot are named. */
  public void mend(Manuscript mended) {
    Passage music = mended.passage();
    Origins origins =
        decisions.wanted().origins().mended(mended.eventsNow(), music.events().size());
    changeMusic(music, origins, mended.eventsNow(), "Mended the notes");
  }

  /** Goes back to the notes as they were imported; decisions go with their notes. */
  public void asImported() {
    changeMusic(
        opened.passage(),
        Origins.unchanged(opened.passage()),
        decisions.wanted().origins().back(),
        "Back to the notes as imported");
  }

  private void changeMusic(
      Passage music, Origins origins, Map<Integer, Integer> eventsNow, String what) {
    Decision wanted = decisions.wanted();
    MovedChoices moved = MovedChoices.of(wanted.choices(), wanted.music(), music, eventsNow);
    String lost = moved.lost().isEmpty() ? "" : ". Not kept: " + String.join(", ", moved.lost());
    decisions.ask(wanted.with(music, origins, moved.choices()), what + lost);
  }

  private void accept(Study planned, String what) {
    boolean sameMusic = planned.passage().equals(study.get().passage());
    boolean sameFingers = !sameMusic || planned.leftHand() == study.get().leftHand();
    Set<Integer> changed = sameMusic ? changedNotes(study.get(), planned) : Set.of();
    if (!sameMusic) {
      changedNotes.set(Set.of());
      selection.resize(Math.min(study.get().notes().size(), planned.notes().size()));
    }
    passes.setStudy(planned);
    study.set(planned);
    if (!sameMusic) {
      selection.resize(planned.notes().size());
    }
    changedNotes.set(changed);
    canUndo.set(decisions.canUndo());
    canRedo.set(decisions.canRedo());
    message.set(
        sameFingers
            ? what
            : what
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

  /** A plan that was to be taken stands against what is pinned. */
  void refuse(PinConflictException conflict) {
    decisions.refuse(conflict);
  }

  /** A plan that was to be taken cannot be made. */
  void refuse(Notice why) {
    decisions.refuse(why);
  }

  /** Takes the last decision back. */
  void undo() {
    decisions.undo();
  }

  /** Makes the decision again that was taken back last. */
  void redo() {
    decisions.redo();
  }

  /** What comes of the decisions, on the window's thread. */
  private final class Answers implements DecisionQueue.Answers {
    @Override
    public void asked() {
      offer.set(Optional.empty());
    }

    @Override
    public void accepted(Study planned, String what) {
      accept(planned, what);
    }

    @Override
    public void refused(PinConflictException conflict, Choices asked) {
      List<Pin> pins = PinAt.in(study.get().places(), asked.pins());
      offer.set(
          pins.stream()
              .filter(p -> selection.note().filter(n -> n == p.note()).isPresent())
              .findFirst()
              .flatMap(PassageDesk.this::nearest));
      message.set("Bar " + barOf(conflict.note()) + ": " + conflict.getMessage() + ".");
    }

    @Override
    public void told(Notice notice) {
      tell(notice);
    }
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
    return study.get().passage().bars().get(study.get().notes().get(note).bar()).label();
  }

  /**
   * Lays out what is seen of it beside the window's thread, the newest for each purpose only.
   *
   * @param purpose whose work it is
   * @param show is called on the window's thread
   */
  public <T> void layOut(Object purpose, Supplier<T> work, Consumer<T> show) {
    workers.layOut(purpose, work, show, this::tell);
  }

  /** Instrument it is played on. */
  public Instrument instrument() {
    return study.get().player().instrument();
  }
}
