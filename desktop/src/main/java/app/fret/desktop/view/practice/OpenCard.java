package app.fret.desktop.view.practice;

import app.fret.book.OtherItem;
import app.fret.bow.stroke.Stroke;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.passage.SessionSummary;
import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.music.lane.Lanes;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.Climb;
import app.fret.practice.MetronomeScale;
import app.fret.practice.drill.DrillKind;
import app.fret.practice.drill.ProposedDrill;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.CardWords;
import app.fret.practice.trial.TrialPlan;
import app.fret.practice.trial.Way;
import app.fret.score.Bar;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.study.CardMusic;
import app.fret.study.Study;
import app.fret.study.TrialStudy;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.binding.Bindings;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** The open card: its music, how fast, how, what is counted, and the two large buttons. */
final class OpenCard extends VBox {
  private static final double LEAST_BUTTON_WIDTH = 200;
  private static final double MUSIC_HEIGHT = 106;
  private static final PseudoClass ON_ITS_WAY = PseudoClass.getPseudoClass("on-its-way");
  private static final double NOTE_WIDTH = 160;
  private static final double LEAST_MUSIC_HEIGHT = 84;

  private final PassageDesk desk;

  /** What the music that stands here, or is on its way, belongs to. */
  private Music music;

  /** Of which card, at which tempo, of which study. */
  private record Music(String card, Tempo tempo, Study study) {
    boolean isSame(Music other) {
      return other != null
          && card.equals(other.card)
          && tempo.equals(other.tempo)
          && study == other.study;
    }
  }

  private final Label title = Parts.label("", "open-card-title");
  private final Label side = Parts.label("", "small");
  private final Label tempo = Parts.label("", "rung-tempo");
  private final Label click = Parts.words("", "quiet");
  private final VBox steps = new VBox(2);
  private final Label gate = Parts.words("", "rung-left");
  private final VBox how = new VBox(2, steps, click);
  private final HBox speed = new HBox(14, tempo, how);
  private final Label care = Parts.words("", "caution");
  private final TextField note = new TextField();
  private final PauseTransition patience = new PauseTransition(Duration.seconds(1));
  private final FlowPane keeping = new FlowPane(8, 4);
  private final ScoreView score;
  private final LogLineField logLine;
  private final Button back;
  private Optional<HeardFields> heard = Optional.empty();
  private final FlowPane buttons;

  OpenCard(PassageDesk desk) {
    super(5);
    this.desk = desk;
    getStyleClass().addAll("card", "tight-card");
    setId("open-card");
    tempo.setMinWidth(USE_PREF_SIZE);
    tempo.setId("rung-tempo");
    gate.setId("rung-left");
    title.setId("open-card-title");
    logLine = new LogLineField(desk);
    back =
        Parts.button(
            "back-to-cards", "Back to the cards", "link-action", desk.practise()::leaveOwnDrill);
    back.setFocusTraversable(false);
    back.managedProperty().bind(back.visibleProperty());
    score = new ScoreView("card-score", Lanes.BOW_TRACK, ScoreView.SMALL, desk::layOut);
    score.setLanes(List.of());
    // A whole system, however high its chords, stands here before anything below it does.
    score.minHeightProperty().bind(Bindings.max(LEAST_MUSIC_HEIGHT, score.wholeSystemHeight()));
    score.setPrefHeight(MUSIC_HEIGHT);
    score.managedProperty().bind(score.visibleProperty());
    setMinHeight(USE_PREF_SIZE);
    score.selectedNoteProperty().addListener((property, before, now) -> clicked(now));
    VBox.setVgrow(score, Priority.ALWAYS);
    buttons =
        new FlowPane(
            8,
            8,
            bigButton("clean", "Clean", "C", "clean-action", Command.CLEAN),
            bigButton("miss", "Miss", "M", "miss-action", Command.MISS));
    HBox head = new HBox(8, title, Parts.stretch(), side);
    head.setAlignment(Pos.BASELINE_LEFT);
    speed.setAlignment(Pos.CENTER_LEFT);
    HBox.setHgrow(how, Priority.ALWAYS);
    how.setAlignment(Pos.CENTER_LEFT);
    tempo.managedProperty().bind(tempo.visibleProperty());
    buttons.managedProperty().bind(buttons.visibleProperty());
    gate.managedProperty().bind(gate.visibleProperty());
    note.managedProperty().bind(note.visibleProperty());
    click.managedProperty().bind(click.visibleProperty());
    care.setId("card-care");
    care.managedProperty().bind(care.visibleProperty());
    MissChips kinds = new MissChips(desk);
    TappedStrip tapped = new TappedStrip(desk);
    kinds.visibleProperty().bind(buttons.visibleProperty());
    logLine.visibleProperty().bind(buttons.visibleProperty());
    logLine.managedProperty().bind(logLine.visibleProperty());
    getChildren()
        .addAll(
            head, score, speed, buttons, kinds, tapped, care, gate, keeping(), others(), inWords());
    patience.setOnFinished(e -> gate.setText("Still being written to the book; it is not lost."));
    Parts.whileShown(this, desk.passes().onItsWayProperty(), this::showOnItsWay);
    Parts.whileShown(this, desk.practise().ownDrillProperty(), this::show);
  }

  /** Of the whole passage a click says where the next miss was; a drill is of one spot anyway. */
  private void clicked(Optional<Integer> note) {
    boolean isWhole =
        desk.day()
            .flatMap(d -> d.openTask())
            .filter(t -> t.card().kind().isWholePass())
            .isPresent();
    desk.practise().setMissedAt(isWhole ? note : Optional.empty());
    boolean isPassage = score.studyProperty().get().filter(s -> s == desk.study()).isPresent();
    note.filter(n -> isPassage).ifPresent(desk::select);
    show();
  }

  private Button bigButton(String id, String words, String key, String style, Command command) {
    Label name = Parts.label(words, "big-words");
    VBox face = new VBox(name, Parts.label(key, "big-key"));
    face.setAlignment(Pos.CENTER);
    Button button = new Button();
    button.setGraphic(face);
    button.setId(id);
    button.getStyleClass().addAll("big-action", style);
    button.setMinWidth(LEAST_BUTTON_WIDTH);
    button.setAccessibleText(command.words());
    button.setFocusTraversable(false);
    button.setOnAction(e -> desk.perform(command));
    return button;
  }

  private FlowPane others() {
    FlowPane row = new FlowPane(12, 4);
    row.getChildren()
        .addAll(
            small("card-done", "Done (Enter)", Command.CARD_DONE),
            small("slip", "Take back (Backspace)", Command.SLIP),
            small("hurts", "Hurts or tired (X)", Command.HURTS),
            small("tap", "Tap (T)", Command.TAP),
            back);
    return row;
  }

  /** Passes in words, and a note on the one that was logged last. */
  private HBox inWords() {
    HBox row = new HBox(8, logLine, noteField());
    HBox.setHgrow(logLine, Priority.ALWAYS);
    logLine.setMaxWidth(Double.MAX_VALUE);
    return row;
  }

  /** Words for the newest pass: Enter puts them into the log. */
  private TextField noteField() {
    note.setId("pass-note");
    note.setPromptText("Note on the last pass");
    note.setMinWidth(NOTE_WIDTH);
    note.setPrefWidth(NOTE_WIDTH);
    note.getStyleClass().add("note-field");
    note.setFocusTraversable(false);
    note.setOnAction(
        e -> {
          desk.practise().note(note.getText());
          note.clear();
          getScene().getRoot().requestFocus();
        });
    return note;
  }

  /** A button stays pressed until its pass is on the disk. */
  private void showOnItsWay() {
    Optional<Boolean> way = desk.passes().onItsWayProperty().get();
    for (Node button : buttons.getChildren()) {
      boolean isPressed = way.filter(c -> button.getId().equals(c ? "clean" : "miss")).isPresent();
      button.pseudoClassStateChanged(ON_ITS_WAY, isPressed);
    }
    if (way.isPresent()) {
      patience.playFromStart();
    } else {
      patience.stop();
    }
  }

  /** What hurts, and the spots that load the hand with how often they were played. */
  private void showCare() {
    String words = desk.practise().care();
    care.setText(words);
    care.setVisible(!words.isEmpty());
  }

  private Button small(String id, String words, Command command) {
    Button button = Parts.button(id, words, "link-action", () -> desk.perform(command));
    button.setFocusTraversable(false);
    return button;
  }

  void show() {
    showCare();
    keeping.setVisible(false);
    Optional<DayTask> task = desk.day().flatMap(d -> d.openTask());
    Optional<ProposedDrill> own = desk.practise().ownDrillProperty().get();
    back.setVisible(own.isPresent());
    if (own.isPresent()) {
      showOwn(own.get());
    } else if (task.isEmpty()) {
      showLadder();
    } else {
      show(task.get());
    }
  }

  /** A drill of the player's own choice stands before the cards. */
  private void showOwn(ProposedDrill own) {
    showCounting(true);
    showHeard(Optional.empty());
    title.setText(own.kind().words());
    side.setText("your choice");
    tempo.setVisible(true);
    click.setVisible(true);
    score.setVisible(true);
    Tempo at = desk.practise().ownTempo(own);
    showTempo(at);
    steps.getChildren().clear();
    own.kind().steps().forEach(s -> steps.getChildren().add(Parts.words(s)));
    String cap =
        own.cap()
            .map(c -> ", " + c.inARow() + " in a row and " + c.aDay() + " a day at most")
            .orElse("");
    gate.setText("About " + Words.count(own.times(), "pass", "passes") + cap + ".");
    Study study = desk.study();
    Music wanted = new Music("own " + own.kind().id() + " " + own.notes(), at, study);
    if (!wanted.isSame(music)) {
      await(wanted);
      desk.layOut(
          this,
          () -> CardMusic.of(study, own.kind(), own.notes(), at),
          made -> {
            if (music == wanted) {
              desk.practise().setDrill(made.hits(), made.seconds());
              score.studyProperty().set(Optional.of(made.study()));
            }
          });
    }
  }

  /** Without a card the ladder goes on. */
  private void showLadder() {
    showCounting(true);
    showHeard(Optional.empty());
    Climb climb = desk.passes().climbProperty().get();
    boolean planned = desk.day().flatMap(d -> d.seenProperty().get()).isPresent();
    tempo.setVisible(true);
    click.setVisible(true);
    title.setText(planned ? "All of today's cards are done" : "Ladder");
    side.setText("");
    showTempo(desk.practise().freeTempo());
    steps.getChildren().clear();
    if (planned) {
      DayView seen = desk.day().orElseThrow().seenProperty().get().orElseThrow();
      SessionSummary.lines(seen, desk.today())
          .forEach(line -> steps.getChildren().add(Parts.words(line)));
    }
    gate.setText(gateWords(climb));
    score.setVisible(true);
    showAtOnce(new Music("ladder", desk.practise().freeTempo(), desk.study()));
  }

  private void show(DayTask task) {
    Card card = task.card();
    title.setText(titleWords(card));
    side.setText(card.minutes() + " min");
    boolean counts = card.perMinute().isPresent();
    score.setVisible(counts);
    steps.getChildren().clear();
    card.drill()
        .flatMap(DrillKind::ofId)
        .ifPresent(k -> k.steps().forEach(s -> steps.getChildren().add(Parts.words(s))));
    Optional<OtherItem> other =
        desk.day().flatMap(d -> d.seenProperty().get()).flatMap(s -> s.other(card));
    boolean isHere = card.item().isEmpty() || other.isPresent() || isOfThisPassage(card);
    showCounting(other.isEmpty());
    showHeard(other.filter(o -> o.kind() == OtherItem.Kind.LISTENING));
    tempo.setVisible(isHere && other.isEmpty());
    click.setVisible(isHere && other.isEmpty());
    if (other.isPresent()) {
      steps.getChildren().add(Parts.words(Words.sentence(card.reason())));
      return;
    }
    if (!counts || !isHere) {
      showUncounted(card, isHere);
      return;
    }
    Tempo at = desk.practise().tempoOf(card);
    showTempo(at);
    if (card.kind() == CardKind.TRIAL && desk.trial().plan().isPresent()) {
      showTrial();
      return;
    }
    gate.setText(gateWords(task));
    showMusic(card, at);
  }

  /** A warm-up has its scale, a break nothing but words. */
  private void showUncounted(Card card, boolean isHere) {
    boolean warmsUp = card.kind() == CardKind.WARM_UP;
    if (!isHere) {
      steps.getChildren().add(Parts.words("This passage is being opened."));
    } else if (!warmsUp) {
      steps.getChildren().add(Parts.words(Words.sentence(card.reason())));
    }
    Climb climb = desk.passes().climbProperty().get();
    showTempo(desk.practise().freeTempo());
    click.setText(
        warmsUp
            ? "The ladder's rung, which Clean and Miss count on. The scale goes slower."
            : "The ladder's rung, which Clean and Miss count on.");
    gate.setText(isHere ? gateWords(climb) + " Enter ticks the card off." : "");
    score.setVisible(warmsUp);
    if (warmsUp) {
      showMusic(card, CardMusic.warmUpTempo(desk.study()));
    }
  }

  private static String titleWords(Card card) {
    String title = CardWords.title(card);
    return card.item().filter(i -> !i.isPassage()).map(i -> title + ": " + i.title()).orElse(title);
  }

  /** What has no music has no passes either: no Clean and Miss, no gate, no note on a pass. */
  private void showCounting(boolean counts) {
    buttons.setVisible(counts);
    gate.setVisible(counts);
    note.setVisible(counts);
  }

  /** The fields of a recording stay while they are filled in. */
  private void showHeard(Optional<OtherItem> item) {
    boolean isShown = heard.isPresent() && item.isPresent() && heard.get().isFor(item.get());
    if (!isShown) {
      heard.ifPresent(getChildren()::remove);
      heard = item.flatMap(i -> desk.day().map(d -> new HeardFields(d, i)));
      heard.ifPresent(fields -> getChildren().add(getChildren().indexOf(speed), fields));
    }
  }

  private boolean isOfThisPassage(Card card) {
    String id = String.valueOf(desk.opened().entry().id());
    return card.item().filter(i -> i.id().equals(id)).isPresent();
  }

  private void showTempo(Tempo at) {
    tempo.setText(Words.tempo(at));
    Tempo clickable = MetronomeScale.clickable(at);
    String set = clickable.equals(at) ? "" : "Metronome " + Words.tempo(clickable) + ". ";
    click.setText(set + amountWords());
  }

  /** Slow practice keeps the bow: as many centimetres as at the target. */
  private String amountWords() {
    List<Stroke> strokes = desk.study().bow().strokes();
    if (strokes.isEmpty()) {
      return "";
    }
    double[] amounts = strokes.stream().mapToDouble(Stroke::amountCm).sorted().toArray();
    return String.format(
        Locale.ROOT,
        "%.0f cm of bow to most strokes, as at the target.",
        amounts[amounts.length / 2]);
  }

  private String gateWords(DayTask task) {
    Card card = task.card();
    String passes =
        card.passes() > 0
            ? task.passesDone()
                + " of "
                + card.passes()
                + (card.passes() == 1 ? " pass" : " passes")
            : Words.count(task.passesDone(), "pass", "passes") + " so far";
    String missed =
        score.selectedNoteProperty().get().isPresent() && card.kind().isWholePass()
            ? " A miss is logged at the note you clicked."
            : "";
    String until =
        card.kind() == CardKind.LADDER
            ? ""
            : CardWords.until(card).map(w -> " " + Words.sentence(w)).orElse("");
    String ladder =
        card.kind() == CardKind.LADDER ? " " + gateWords(desk.passes().climbProperty().get()) : "";
    return passes + "." + until + ladder + missed;
  }

  static String gateWords(Climb climb) {
    if (climb.isDone()) {
      return "The target is clean. One clean run a day keeps it.";
    }
    boolean last = climb.rung() == climb.ladder().rungs().size() - 1;
    String goal =
        last
            ? "pass the target"
            : "open " + Words.number(climb.ladder().rungs().get(climb.rung() + 1));
    String needed = Words.count(climb.cleanLeft(), "clean pass", "clean passes");
    String miss = climb.missesInARow() == 1 ? " One more miss goes back a rung." : "";
    return climb.cleanInARow() + " clean in a row. " + needed + " more " + goal + "." + miss;
  }

  /** Of a trial: which way is now, where it stands, and the ways to keep. */
  private void showTrial() {
    TrialPlan plan = desk.trial().plan().orElseThrow();
    Way next = desk.trial().played().next();
    steps
        .getChildren()
        .addAll(
            Parts.words("Now way " + next + ": " + plan.candidate(next).words(), "card-title"),
            Parts.words(onlyBars(TrialStudy.bars(desk.study(), plan)), "small"));
    gate.setText(desk.trial().words());
    keeping.setVisible(true);
    Study study = desk.study();
    Music wanted = new Music("trial " + next, study.choices().target(), study);
    if (!wanted.isSame(music)) {
      await(wanted);
      desk.layOut(
          this,
          () -> TrialStudy.of(study, plan, next),
          made -> {
            if (music == wanted) {
              score.studyProperty().set(Optional.of(made));
            }
          });
    }
  }

  private String onlyBars(Span bars) {
    List<Bar> all = desk.study().passage().bars();
    String first = all.get(bars.first()).label();
    String last = all.get(bars.last()).label();
    return "Play only "
        + (first.equals(last) ? "bar " + first : "bars " + first + " to " + last)
        + ".";
  }

  private FlowPane keeping() {
    keeping
        .getChildren()
        .addAll(keep("keep-a", "Keep way A", Way.A), keep("keep-b", "Keep way B", Way.B));
    keeping.managedProperty().bind(keeping.visibleProperty());
    keeping.setVisible(false);
    return keeping;
  }

  private Button keep(String id, String words, Way way) {
    Button button = Parts.button(id, words, "outline-action", () -> desk.trial().keep(way));
    button.setFocusTraversable(false);
    return button;
  }

  /** Music that belongs to the title over it, at once or as soon as it is worked out. */
  private void showMusic(Card card, Tempo at) {
    Study study = desk.study();
    Music wanted = new Music(card.name(), at, study);
    if (card.kind().isWholePass()) {
      showAtOnce(wanted);
    } else if (!wanted.isSame(music)) {
      await(wanted);
      desk.layOut(
          this,
          () -> CardMusic.of(study, card, at),
          made -> {
            if (music == wanted) {
              desk.practise().setDrill(made.hits(), made.seconds());
              score.studyProperty().set(Optional.of(made.study()));
            }
          });
    }
  }

  private void showAtOnce(Music whole) {
    music = whole;
    score.studyProperty().set(Optional.of(whole.study()));
  }

  /** Until it is there, nothing stands under the new title, and no pass of it counts. */
  private void await(Music wanted) {
    music = wanted;
    desk.practise().awaitDrill();
    score.expect();
  }
}
