package app.fret.desktop.model.passage;

import app.fret.book.LogEntry;
import app.fret.desktop.model.passage.PassLog.Counted;
import app.fret.desktop.model.practice.CareWords;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.practice.Climb;
import app.fret.practice.PracticeChoices;
import app.fret.practice.drill.ProposedDrill;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Sparing;
import app.fret.practice.schedule.Spot;
import app.fret.practice.schedule.SpotCount;
import app.fret.practice.schedule.Tried;
import app.fret.score.NoteRef;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.study.ProgrammeItem;
import app.fret.study.Study;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeSet;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.WeakChangeListener;

/** What is counted while the open passage is practised: passes for the open card, slips, hurts. */
public final class PractiseDesk {
  private static final String NOTHING_TO_COUNT =
      "This card has no passes to count; Enter ticks it off.";
  private static final String STILL_WORKED_OUT =
      "The music of this card is still being worked out: nothing was counted.";

  private final PassageDesk desk;
  private final SaidDesk said;
  private final TapDesk taps;
  private Optional<PracticeDay> day = Optional.empty();
  private Optional<PulseDesk> pulse = Optional.empty();

  /** The drill that lies open; empty while it is being worked out, so that no pass counts yet. */
  private Optional<Drill> drill = Optional.of(new Drill(1, 1));

  private final ReadOnlyObjectWrapper<Optional<ProposedDrill>> ownDrill =
      new ReadOnlyObjectWrapper<>(this, "ownDrill", Optional.empty());

  /** A day outlives the desks of its passages, so it holds on to none of them. */
  private final ChangeListener<Number> leaving = (property, before, now) -> leaveOwnDrill();

  private Optional<Integer> missedAt = Optional.empty();

  /** How often the spot of a drill comes in its music, and how long that takes, in seconds. */
  private record Drill(int hits, double seconds) {}

  PractiseDesk(PassageDesk desk, Clock clock) {
    this.desk = desk;
    this.said = new SaidDesk(desk, this);
    this.taps = new TapDesk(desk, clock);
  }

  /** The cards of the player's day; empty where a passage is opened without a programme. */
  Optional<PracticeDay> day() {
    return day;
  }

  /** Gives it the day of its player. */
  public void setDay(PracticeDay newDay) {
    day = Optional.of(newDay);
    desk.passes()
        .onAdded(
            entry -> {
              Optional<DayTask> task = openTask();
              newDay.count(entry, ownDrill.get().isEmpty());
              task.ifPresent(this::endDrillAtCap);
            });
    desk.passes().onChanged(newDay::refresh);
    newDay.openProperty().addListener(new WeakChangeListener<>(leaving));
  }

  /** A pass that is tapped along. */
  public TapDesk taps() {
    return taps;
  }

  /** Taps once, on a beat or on a bar of the pass that is being played. */
  void tap() {
    taps.tap(meant());
  }

  /** The tempo that is meant now: the open card's, else the rung's. */
  public Tempo meant() {
    return openTask()
        .map(DayTask::card)
        .filter(c -> c.kind().isWholePass())
        .map(this::tempoOf)
        .orElseGet(this::freeTempo);
  }

  /** A pass through the whole that was tapped is logged at the tempo it really had. */
  Counted asTapped(Counted pass) {
    OptionalDouble tapped = taps.perMinute();
    taps.clear();
    boolean isTapped = tapped.isPresent() && pass.played().card().isWholePass();
    return isTapped
        ? new Counted(
            pass.clean(),
            pass.tempo().at(Math.round(tapped.getAsDouble())),
            pass.played(),
            pass.seconds())
        : pass;
  }

  /** What went wrong in passes, and passes in words. */
  public SaidDesk said() {
    return said;
  }

  /** The pulse that is heard; empty where a passage is opened without a window. */
  public Optional<PulseDesk> pulse() {
    return pulse;
  }

  /** Gives it the pulse that sounds. */
  public void setPulse(PulseDesk newPulse) {
    pulse = Optional.of(newPulse);
  }

  /** Logs a pass for the open card, or for the drill of the player's own choice. */
  void log(boolean clean) {
    countedNow(clean, false).ifPresent(this::add);
  }

  private void add(Counted pass) {
    desk.passes().addAll(List.of(asTapped(pass)), desk::tell);
  }

  /** A pass for a card, with what the card and the clicked note say of it. */
  private Counted counted(Card card, boolean clean, boolean hurts) {
    Optional<String> spot =
        clean || card.spot().isPresent() ? card.spot().map(Spot::place) : missedPlace();
    boolean isDrill = card.kind() == CardKind.DRILL;
    boolean leftOut = !isDrill && !toLeaveOut().isEmpty();
    int hits = isDrill ? drill.map(Drill::hits).orElse(1) : 1;
    LogEntry.Played played =
        new LogEntry.Played(card.kind(), false, spot, leftOut, hurts, hits, Optional.empty());
    boolean isTrial = card.kind() == CardKind.TRIAL && desk.trial().plan().isPresent();
    return new Counted(
        clean,
        tempoOf(card),
        isTrial ? played.of(desk.trial().played().next()) : played,
        seconds(card));
  }

  /** A pass of a drill that the player chose. */
  private Counted counted(ProposedDrill own, boolean clean, boolean hurts) {
    Optional<String> spot = Optional.of(ProgrammeItem.place(desk.study(), own.notes().last()));
    int hits = drill.map(Drill::hits).orElse(1);
    LogEntry.Played played =
        new LogEntry.Played(CardKind.DRILL, false, spot, false, hurts, hits, Optional.empty());
    OptionalDouble seconds =
        drill.map(d -> OptionalDouble.of(d.seconds())).orElse(OptionalDouble.empty());
    return new Counted(clean, ownTempo(own), played, seconds);
  }

  /** The tempo of a drill of one's own choice. */
  public Tempo ownTempo(ProposedDrill own) {
    return desk.study().choices().target().at(own.perMinute());
  }

  /** The drill that the player chose for some notes; empty while the cards go on. */
  public ReadOnlyObjectProperty<Optional<ProposedDrill>> ownDrillProperty() {
    return ownDrill.getReadOnlyProperty();
  }

  /** Plays a drill of the player's own choice before the cards go on. */
  public void choose(ProposedDrill own) {
    ownDrill.set(Optional.of(own));
  }

  /** Goes back to the cards. */
  public void leaveOwnDrill() {
    ownDrill.set(Optional.empty());
  }

  /** A pass for no card, on the rung that is seen. */
  private Counted countedFreely(boolean clean, boolean hurts) {
    Optional<String> spot = clean ? Optional.empty() : missedPlace();
    boolean leftOut = !toLeaveOut().isEmpty();
    LogEntry.Played played =
        new LogEntry.Played(CardKind.LADDER, false, spot, leftOut, hurts, 1, Optional.empty());
    return new Counted(clean, freeTempo(), played, OptionalDouble.empty());
  }

  /** A pass of what lies open; empty, with words why, where nothing can be counted. */
  Optional<Counted> countedNow(boolean clean, boolean hurts) {
    Optional<ProposedDrill> own = ownDrill.get();
    if (own.isPresent() && (drill.isPresent() || hurts)) {
      return Optional.of(counted(own.get(), clean, hurts));
    }
    if (own.isPresent()) {
      desk.say(STILL_WORKED_OUT);
      return Optional.empty();
    }
    if (day.flatMap(PracticeDay::openOther).isPresent()) {
      desk.say(NOTHING_TO_COUNT);
      return Optional.empty();
    }
    Optional<Card> card = openTask().map(DayTask::card).filter(c -> c.perMinute().isPresent());
    if (card.filter(PractiseDesk::isDrilled).isPresent() && drill.isEmpty()) {
      desk.say(STILL_WORKED_OUT);
      return Optional.empty();
    }
    return Optional.of(
        card.map(c -> counted(c, clean, hurts)).orElseGet(() -> countedFreely(clean, hurts)));
  }

  /** A drill whose spot has been played often enough is over for now. */
  private void endDrillAtCap(DayTask task) {
    Optional<String> place = task.card().spot().map(Spot::place);
    boolean isFull =
        toLeaveOut().stream().anyMatch(c -> place.filter(c.spot().place()::equals).isPresent());
    if (task.card().kind() == CardKind.DRILL && isFull && !task.isDone()) {
      day.orElseThrow().tick(task.number(), true);
      desk.say("The spot has been played often enough in a row: something else comes first.");
    }
  }

  /** What is said of the places that hurt or load the hand. */
  public String care() {
    return CareWords.of(sparing(), counts(), desk.today());
  }

  /** What the passage is spared since something in it hurt. */
  public Sparing sparing() {
    long passage = desk.opened().entry().id();
    return day.map(d -> d.sparing(passage)).orElse(Sparing.NONE);
  }

  /** Puts back what hurt twice within a week. */
  public void putBack(Optional<String> bar) {
    day.orElseThrow().putBack(desk.opened().entry().id(), bar);
  }

  /** The spots that load the hand, counted over today, in whatever form they were played. */
  public List<SpotCount> counts() {
    long passage = desk.opened().entry().id();
    return day.map(d -> d.counts(passage)).orElse(List.of());
  }

  /** The spots that the next pass leaves out, since they were played often enough. */
  public List<SpotCount> toLeaveOut() {
    return counts().stream().filter(SpotCount::isFull).toList();
  }

  /** Says how often the spot of the open drill comes in its music, and how long that takes. */
  public void setDrill(int hits, double seconds) {
    drill = Optional.of(new Drill(hits, seconds));
  }

  /** Says that the music of the open drill is being worked out. */
  public void awaitDrill() {
    drill = Optional.empty();
  }

  private static boolean isDrilled(Card card) {
    return switch (card.kind()) {
      case DRILL, RHYTHM, WHOLE_CLIMB -> true;
      default -> false;
    };
  }

  /** How long a pass of a card takes: of the whole, of its drill, of the bars around a spot. */
  private OptionalDouble seconds(Card card) {
    double target = desk.study().choices().target().perMinute();
    return switch (card.kind()) {
      case DRILL, RHYTHM, WHOLE_CLIMB ->
          drill.map(d -> OptionalDouble.of(d.seconds())).orElse(OptionalDouble.empty());
      case TRIAL ->
          OptionalDouble.of(
              card.item().flatMap(Item::trial).map(Tried::seconds).orElse(1.0)
                  * target
                  / tempoOf(card).in(desk.study().choices().target().beat()).perMinute());
      default -> OptionalDouble.empty();
    };
  }

  /** Notes words on the newest pass. */
  public void note(String words) {
    desk.passes().note(words, desk::tell);
  }

  /** Decides how the passage is practised. */
  public void decide(PracticeChoices choices, String what) {
    desk.decide(desk.wantedChoices().with(choices), what);
  }

  /** Says something. */
  public void say(String what) {
    desk.say(what);
  }

  /** What is decided of how it is practised. */
  public PracticeChoices choices() {
    return desk.wantedChoices().practice();
  }

  /** Lets a chunk start at a note, or joins the chunk that starts there to the one before. */
  public void switchChunkAt(int note) {
    Study study = desk.study();
    TreeSet<Integer> starts = new TreeSet<>(study.chunks().stream().map(Span::first).toList());
    if (note == 0) {
      desk.say("A chunk starts at the first note anyway.");
      return;
    }
    boolean isNew = starts.add(note);
    if (!isNew) {
      starts.remove(note);
    }
    List<NoteRef> kept = starts.stream().map(s -> study.places().top(s)).toList();
    decide(
        choices().withChunkStarts(kept),
        isNew ? "A chunk starts here" : "Joined to the chunk before");
  }

  /** Goes back to the chunks that are proposed. */
  public void proposeChunks() {
    decide(choices().withChunkStarts(List.of()), "The chunks are as proposed");
  }

  /** A ladder card goes on to the next rung as soon as that is open. */
  public Tempo tempoOf(Card card) {
    return card.kind() == CardKind.LADDER
        ? rung(card.easing().rungsLower())
        : desk.study().choices().target().at(card.perMinute().orElseThrow());
  }

  /** The rung on which passes for no card are played: the ladder's, or lower after it hurt. */
  public Tempo freeTempo() {
    return rung(sparing().easing(desk.today()).rungsLower());
  }

  private Tempo rung(int lower) {
    Climb climb = desk.passes().climbProperty().get();
    return climb.ladder().tempo(Math.max(0, climb.rung() - lower));
  }

  /** Where the player clicked a note in this music, to say where it missed. */
  private Optional<String> missedPlace() {
    return missedAt.map(note -> ProgrammeItem.place(desk.study(), note));
  }

  /** Says at which note the next miss was; empty for nowhere. */
  public void setMissedAt(Optional<Integer> note) {
    missedAt = note;
  }

  /** The open card when it is for this passage, or for none. */
  private Optional<DayTask> openTask() {
    long passage = desk.opened().entry().id();
    return day.flatMap(PracticeDay::openTask)
        .filter(t -> t.card().item().isEmpty() || day.orElseThrow().isFor(passage));
  }

  /** It hurts or tires: the card ends, the spot rests today. */
  void hurts() {
    if (ownDrill.get().isPresent()) {
      countedNow(false, true).ifPresent(this::add);
      leaveOwnDrill();
      return;
    }
    Optional<DayTask> task = openTask().filter(t -> t.card().perMinute().isPresent());
    if (task.isPresent()) {
      add(counted(task.get().card(), false, true));
      day.orElseThrow().tick(task.get().number(), true);
    } else {
      add(countedFreely(false, true));
    }
  }

  /** Takes the newest pass back. */
  void slip() {
    desk.passes().takeBack(desk::tell);
  }
}
