package app.fret.desktop.model.passage;

import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.sound.SoundPlayer;
import app.fret.practice.Climb;
import app.fret.practice.MetronomeScale;
import app.fret.practice.drill.ProposedDrill;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.sound.ClickChoices;
import app.fret.sound.ClickKind;
import app.fret.sound.LadderClick;
import app.fret.sound.LoopedSound;
import app.fret.sound.SoundPlan;
import app.fret.study.CardMusic;
import app.fret.study.Study;
import app.fret.study.StudySound;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The pulse of what lies open: of the open card at its tempo while one practises, else of the
 * passage at the rung it stands on.
 */
public final class PulseDesk {
  /** Beats a minute that the tempo is moved by at its edges are those of a metronome. */
  private static final double LEAST = 20;

  private static final double MOST = 300;

  private final SoundPlayer player;
  private final ReadOnlyObjectWrapper<PulseSettings> settings =
      new ReadOnlyObjectWrapper<>(this, "settings", PulseSettings.USUAL);
  private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper(this, "playing");
  private final ReadOnlyObjectWrapper<Optional<Subject>> subject =
      new ReadOnlyObjectWrapper<>(this, "subject", Optional.empty());
  private Optional<PassageDesk> desk = Optional.empty();
  private final Set<PracticeDay> followed = new HashSet<>();
  private Optional<Tempo> otherTempo = Optional.empty();
  private boolean followsCards;

  /**
   * What the pulse is of.
   *
   * @param study the passage
   * @param card the open card, where it is what sounds
   * @param own the drill of the player's own choice, where that is what sounds
   * @param tempo how fast
   * @param rung rung of the ladder it stands on, from 0
   * @param ladderClick the click that follows the ladder there
   * @param bars bars that go round; empty for all
   * @param isOwnTempo whether the player chose the tempo here
   */
  public record Subject(
      Study study,
      Optional<Card> card,
      Optional<ProposedDrill> own,
      Tempo tempo,
      int rung,
      ClickKind ladderClick,
      Optional<Span> bars,
      boolean isOwnTempo) {}

  /** A pulse on a player of sounds. */
  public PulseDesk(SoundPlayer player) {
    this.player = player;
  }

  /** What one wants to hear. */
  public ReadOnlyObjectProperty<PulseSettings> settingsProperty() {
    return settings.getReadOnlyProperty();
  }

  /** Whether it plays. */
  public ReadOnlyBooleanProperty playingProperty() {
    return playing.getReadOnlyProperty();
  }

  /** What it is of; empty before a passage lies open. */
  public ReadOnlyObjectProperty<Optional<Subject>> subjectProperty() {
    return subject.getReadOnlyProperty();
  }

  /** The click being heard, to be seen as well. */
  public Optional<LoopedSound.Heard> clickNow() {
    return player.clickNow();
  }

  /** Why nothing is heard; empty where something is, or nobody tried. */
  public Optional<String> silentBecause() {
    return player.silentBecause();
  }

  /** Lays another passage under the pulse. */
  public void lay(PassageDesk passage) {
    stop();
    desk = Optional.of(passage);
    otherTempo = Optional.empty();
    passage.studyProperty().addListener((property, before, now) -> follow(passage));
    passage.passes().climbProperty().addListener((property, before, now) -> newTempo(passage));
    passage.selection().startProperty().addListener((property, before, now) -> follow(passage));
    passage.selection().noteProperty().addListener((property, before, now) -> follow(passage));
    passage.practise().ownDrillProperty().addListener((property, before, now) -> newTempo(passage));
    follow(passage);
  }

  /** Follows the open card of a day; once is enough. */
  public void follow(PracticeDay day) {
    if (!followed.add(day)) {
      return;
    }
    day.openProperty().addListener((property, before, now) -> desk.ifPresent(this::newTempo));
    day.seenProperty().addListener((property, before, now) -> desk.ifPresent(this::follow));
  }

  /** Says whether the cards are what is looked at. */
  public void setFollowsCards(boolean follows) {
    if (followsCards != follows) {
      followsCards = follows;
      desk.ifPresent(this::newTempo);
    }
  }

  /** Another rung or card brings its own tempo. */
  private void newTempo(PassageDesk passage) {
    otherTempo = Optional.empty();
    follow(passage);
  }

  private void follow(PassageDesk passage) {
    if (desk.filter(passage::equals).isEmpty()) {
      return;
    }
    Optional<Subject> before = subject.get();
    Subject now = subject(passage);
    if (before.filter(now::equals).isEmpty()) {
      subject.set(Optional.of(now));
      soundAgain();
    }
  }

  private Subject subject(PassageDesk passage) {
    Study study = passage.study();
    Climb climb = passage.passes().climbProperty().get();
    Optional<ProposedDrill> drill =
        followsCards ? passage.practise().ownDrillProperty().get() : Optional.empty();
    Optional<Card> card = followsCards && drill.isEmpty() ? openCard(passage) : Optional.empty();
    Tempo own =
        drill
            .map(passage.practise()::ownTempo)
            .or(() -> card.map(c -> tempoOf(passage, c)))
            .orElse(climb.ladder().tempo(climb.rung()));
    boolean isMade = drill.isPresent() || card.filter(c -> isMade(c.kind())).isPresent();
    boolean ofSelection = settings.get().loopsSelection() && !isMade;
    return new Subject(
        study,
        card,
        drill,
        otherTempo.orElse(own),
        climb.rung(),
        LadderClick.of(climb.ladder(), climb.rung()),
        ofSelection ? Optional.of(passage.selectedBars()) : Optional.empty(),
        otherTempo.isPresent());
  }

  private static boolean isMade(CardKind kind) {
    return !kind.isWholePass();
  }

  private static Optional<Card> openCard(PassageDesk passage) {
    long id = passage.opened().entry().id();
    return passage
        .day()
        .flatMap(day -> day.openTask().filter(t -> isOf(day, t, id)))
        .map(DayTask::card);
  }

  private static boolean isOf(PracticeDay day, DayTask task, long passage) {
    return task.card().item().isEmpty() || day.isFor(passage);
  }

  private static Tempo tempoOf(PassageDesk passage, Card card) {
    if (card.perMinute().isPresent()) {
      return passage.practise().tempoOf(card);
    }
    Climb climb = passage.passes().climbProperty().get();
    return card.kind() == CardKind.WARM_UP
        ? CardMusic.warmUpTempo(passage.study())
        : climb.ladder().tempo(climb.rung());
  }

  /** Sets what one wants to hear; what plays goes over to it. */
  public void set(PulseSettings wanted) {
    settings.set(wanted);
    desk.ifPresent(this::follow);
    soundAgain();
  }

  /** Moves the tempo by steps of the metronome, down or up. */
  public void stepTempo(int by) {
    subject
        .get()
        .ifPresent(
            now -> {
              Tempo tempo = MetronomeScale.clickable(now.tempo());
              double next =
                  by < 0
                      ? MetronomeScale.stepBelow(tempo.perMinute())
                      : MetronomeScale.stepAbove(tempo.perMinute());
              double there = Math.max(LEAST, Math.min(MOST, next));
              otherTempo = Optional.of(tempo.at(there).in(now.tempo().beat()));
              desk.ifPresent(this::follow);
            });
  }

  /** Goes back to the tempo of the card or the rung. */
  public void ownTempo() {
    desk.ifPresent(this::newTempo);
  }

  /** Starts the pulse, or stops it. */
  public void startOrStop() {
    if (playing.get()) {
      stop();
    } else {
      subject.get().ifPresent(now -> start());
    }
  }

  private void start() {
    playing.set(true);
    soundAgain();
  }

  /** Stops the pulse. */
  public void stop() {
    playing.set(false);
    player.stop();
  }

  /** Switches the click on or off, to compare; where nothing plays, it starts. */
  void switchClick() {
    if (!playing.get()) {
      set(settings.get().withClicks(true));
      startOrStop();
    } else {
      set(settings.get().withClicks(!settings.get().clicks()));
    }
  }

  /** Lets the selected bars go round, or all. */
  void switchLoop() {
    set(settings.get().withLoop(!settings.get().loopsSelection()));
  }

  /** Works out what sounds beside the window's thread and goes over to it. */
  private void soundAgain() {
    Optional<Subject> now = subject.get();
    if (!playing.get() || now.isEmpty() || desk.isEmpty()) {
      return;
    }
    ClickChoices click = settings.get().click(now.get().ladderClick());
    PulseSettings wanted = settings.get();
    desk.get()
        .layOut(
            this,
            () -> sound(now.get(), click, wanted),
            sound -> {
              if (playing.get()) {
                player.change(sound);
              }
            });
  }

  private static LoopedSound sound(Subject what, ClickChoices click, PulseSettings wanted) {
    Study study =
        what.own()
            .map(d -> CardMusic.of(what.study(), d.kind(), d.notes(), what.tempo()))
            .or(() -> what.card().map(c -> CardMusic.of(what.study(), c, what.tempo())))
            .map(CardMusic.Made::study)
            .orElse(what.study());
    double perMinute = what.tempo().in(study.choices().target().beat()).perMinute();
    Span bars = what.bars().orElse(new Span(0, study.passage().bars().size() - 1));
    ClickChoices again = new ClickChoices(click.kind(), click.clickedBars(), click.silentBars(), 0);
    SoundPlan first = plan(study, perMinute, click, wanted, what.bars());
    SoundPlan round = plan(study, perMinute, again, wanted, what.bars());
    return new LoopedSound(first, round);
  }

  private static SoundPlan plan(
      Study study,
      double perMinute,
      ClickChoices click,
      PulseSettings wanted,
      Optional<Span> bars) {
    return bars.isPresent()
        ? StudySound.of(study, perMinute, click, wanted.drone(), bars.get())
        : StudySound.of(study, perMinute, click, wanted.drone(), 1);
  }

  /** What clicks there are to choose from. */
  public static List<ClickKind> kinds() {
    return List.of(ClickKind.values());
  }

  /** Stops for good and frees the sound device. */
  public void close() {
    playing.set(false);
    player.close();
  }
}
