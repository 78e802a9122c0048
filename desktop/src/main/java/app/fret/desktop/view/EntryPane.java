package app.fret.desktop.view;

import app.fret.desktop.model.Desk;
import app.fret.desktop.model.EntryReading;
import app.fret.desktop.model.ImportOffer;
import app.fret.desktop.model.Words;
import app.fret.desktop.music.Palette;
import app.fret.desktop.music.SheetView;
import app.fret.engraving.Engraver;
import app.fret.engraving.Engraving;
import app.fret.files.ScoreRejectedException;
import app.fret.files.abc.AbcMend;
import app.fret.files.abc.AbcProblem;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.util.Duration;
import org.fxmisc.flowless.VirtualizedScrollPane;
import org.fxmisc.richtext.CodeArea;
import org.fxmisc.richtext.model.StyleSpans;
import org.fxmisc.richtext.model.StyleSpansBuilder;

/**
 * Music typed as a line of letters, engraved at every key stroke.
 *
 * <p>Nothing that is typed is ever taken away: what is no music yet is underlined where it stands,
 * with the changes that would mend it.
 */
final class EntryPane extends BorderPane {
  private static final double SPACE = 8.6;
  private static final int MOST_CARDS = 12;
  private static final String START = "T:Untitled\nM:4/4\nL:1/8\nQ:1/4=96\nK:C clef=treble\n";

  private static final List<List<String>> SIGNS =
      List.of(
          List.of("c' C,", "octave up, down", "c2 c/", "longer, short"),
          List.of("^c _c", "sharp, flat", "c>d", "dotted pair"),
          List.of("=c", "natural", "(3cde", "triplet"),
          List.of("z Z4", "rest, four bars", "c-c", "tie"),
          List.of("(cd)", "slur", "{d}c", "grace note"),
          List.of("[ce]", "chord", "!3!c", "finger 3"),
          List.of("u v", "up, down bow", "!f!c", "dynamic"),
          List.of(".c Lc", "short, accent", "|1 |2", "endings"),
          List.of("|: :|", "repeat", "\"^x\"c", "words over c"));

  private final Desk desk;
  private final Runnable onClose;
  private final Consumer<ImportOffer> onTaken;
  private final CodeArea line = new CodeArea();
  private final SheetView sheet = new SheetView("entry-sheet", SPACE);
  private final VBox facts = new VBox(2);
  private final VBox problems = new VBox(8);
  private final Label count = Parts.label("", "quiet");
  private final Label state = Parts.label("", "quiet");
  private final PauseTransition keeping = new PauseTransition(Duration.millis(300));
  private EntryReading reading;
  private int keyStrokes;

  /** What is read and engraved of a text. */
  private record Shown(EntryReading reading, Optional<Engraving> engraving) {}

  /**
   * A pane over what was typed last.
   *
   * @param onTaken hears the music that is taken
   */
  EntryPane(Desk desk, Consumer<ImportOffer> onTaken, Runnable onClose) {
    this.desk = desk;
    this.onTaken = onTaken;
    this.onClose = onClose;
    String text = desk.draft().isEmpty() ? START : desk.draft();
    this.reading = EntryReading.of(text);
    setId("entry");
    getStyleClass().add("entry");
    setTop(head());
    setCenter(work());
    setRight(side());
    line.setId("entry-line");
    line.getStyleClass().add("entry-line");
    line.setWrapText(true);
    line.replaceText(text);
    line.getUndoManager().forgetHistory();
    line.moveTo(text.length());
    line.textProperty().addListener((property, before, now) -> typed(now));
    keeping.setOnFinished(e -> keep());
    sceneProperty()
        .addListener(
            (property, before, now) -> {
              if (now == null) {
                keep();
              }
            });
    line.caretPositionProperty().addListener((property, before, now) -> follow());
    line.addEventFilter(KeyEvent.KEY_TYPED, e -> keyStrokes++);
    addEventFilter(KeyEvent.KEY_PRESSED, this::keyPressed);
    sheet.viewportBoundsProperty().addListener((property, before, now) -> read(line.getText()));
    read(text);
  }

  /** Puts the caret where typing goes. */
  void begin() {
    line.requestFocus();
    line.requestFollowCaret();
  }

  private HBox head() {
    HBox head =
        new HBox(
            12,
            Parts.label("Write music in", "why-title"),
            Parts.label("one line in ABC, the open text form of music", "quiet"),
            Parts.stretch(),
            count);
    count.setId("entry-count");
    head.setAlignment(Pos.CENTER_LEFT);
    head.getStyleClass().add("entry-head");
    return head;
  }

  private VBox work() {
    VBox.setVgrow(sheet, Priority.ALWAYS);
    HBox lineHead =
        new HBox(
            12,
            Parts.label("The line", "entry-title"),
            Parts.label("T title, M metre, L length of a plain letter, Q tempo, K key", "small"),
            Parts.stretch(),
            state);
    lineHead.setAlignment(Pos.CENTER_LEFT);
    state.setId("entry-state");
    VirtualizedScrollPane<CodeArea> scroll = new VirtualizedScrollPane<>(line);
    scroll.setMinHeight(210);
    scroll.setPrefHeight(210);
    Label keys =
        Parts.label(
            "Alt+Enter takes the first change offered, Alt+Down goes to the next thing to mend,"
                + " Ctrl+Enter takes the bars.",
            "small");
    VBox typing = new VBox(6, lineHead, scroll, keys);
    typing.getStyleClass().add("entry-typing");
    return new VBox(sheet, typing);
  }

  private VBox side() {
    GridPane signs = new GridPane();
    signs.setHgap(10);
    signs.setVgap(3);
    for (int row = 0; row < SIGNS.size(); row++) {
      for (int column = 0; column < 4; column++) {
        String style = column % 2 == 0 ? "entry-sign" : "small";
        Label sign = Parts.label(SIGNS.get(row).get(column), style);
        sign.setMinWidth(USE_PREF_SIZE);
        signs.add(sign, column, row);
      }
    }
    Button take = Parts.button("entry-take", "Take these bars", "main-action", this::take);
    Button later = Parts.button("entry-close", "Go on later", "outline-action", onClose);
    VBox side =
        new VBox(
            10,
            Parts.label("As you write", "why-title"),
            facts,
            Parts.scroll(problems),
            Parts.heading("Signs in the line"),
            signs,
            new HBox(8, take, later));
    side.getStyleClass().add("why-panel");
    side.setId("entry-side");
    return side;
  }

  private void typed(String text) {
    desk.holdDraft(text);
    keeping.playFromStart();
    read(text);
  }

  /** Writes what is typed into the book; while it goes on, a few times a second is enough. */
  private void keep() {
    keeping.stop();
    desk.keepDraft(line.getText());
  }

  /** Reads and engraves beside the window's thread; of several texts only the newest. */
  private void read(String text) {
    double width = sheet.widthInSpaces();
    desk.layOut(
        this,
        () -> {
          EntryReading now = EntryReading.of(text);
          return new Shown(now, now.tune().passage().map(p -> new Engraver().engrave(p, width)));
        },
        this::show);
  }

  private void show(Shown shown) {
    reading = shown.reading();
    shown.engraving().ifPresentOrElse(sheet::show, sheet::clear);
    if (reading.text().equals(line.getText()) && !reading.text().isEmpty()) {
      line.setStyleSpans(0, underlines());
    }
    showProblems();
    follow();
  }

  /** What follows the caret: its place in the music and the facts beside it. */
  private void follow() {
    int caret = line.getCaretPosition();
    sheet.tint(tints(caret));
    facts
        .getChildren()
        .setAll(
            Parts.label(reading.barWords(), "quiet"),
            Parts.fact("Key", reading.keyWords()),
            Parts.fact("Metre", reading.metreWords()),
            Parts.fact("Range", reading.rangeWords()),
            Parts.fact("Caret", reading.placeWords(caret)));
    int notes = reading.notes();
    count.setText(
        Words.count(notes, "note", "notes")
            + (notes > 0 && keyStrokes > 0
                ? ", " + Words.number(Math.round(10.0 * keyStrokes / notes) / 10.0) + " keys a note"
                : ""));
  }

  private Map<Integer, Color> tints(int caret) {
    Map<Integer, Color> tints = new HashMap<>();
    for (AbcProblem problem : reading.tune().problems()) {
      List<Integer> places = reading.tune().places();
      for (int event = 0; event < places.size(); event++) {
        if (places.get(event) >= problem.from() && places.get(event) < problem.to()) {
          tints.put(event, problem.serious() ? Palette.MEND : Palette.CHANGED);
        }
      }
    }
    reading.eventAt(caret).ifPresent(event -> tints.put(event, Palette.SELECTION));
    return tints;
  }

  private StyleSpans<Collection<String>> underlines() {
    StyleSpansBuilder<Collection<String>> spans = new StyleSpansBuilder<>();
    int at = 0;
    List<AbcProblem> inOrder =
        reading.tune().problems().stream()
            .sorted(Comparator.comparingInt(AbcProblem::from))
            .toList();
    for (AbcProblem problem : inOrder) {
      int from = Math.max(at, problem.from());
      int to = Math.min(problem.to(), reading.text().length());
      if (to > from) {
        spans.add(List.of(), from - at);
        spans.add(List.of(problem.serious() ? "to-mend" : "to-look-at"), to - from);
        at = to;
      }
    }
    return spans.add(List.of(), reading.text().length() - at).create();
  }

  private void showProblems() {
    problems.getChildren().clear();
    reading.toMend().stream().limit(MOST_CARDS).forEach(p -> problems.getChildren().add(card(p)));
    reading.toLookAt().stream().limit(MOST_CARDS).forEach(p -> problems.getChildren().add(card(p)));
    reading
        .tune()
        .left()
        .forEach(
            l -> problems.getChildren().add(Parts.words("Not taken over: " + l + ".", "small")));
    int mend = reading.toMend().size();
    int look = reading.toLookAt().size();
    boolean isEmpty = reading.notes() == 0;
    state.setText(
        isEmpty
            ? "type letters: c2 d2 e2 f2 |"
            : mend + look == 0 ? "nothing to mend" : mend + " to mend, " + look + " to look at");
    state.getStyleClass().setAll("label", mend > 0 && !isEmpty ? "trouble" : "quiet");
  }

  private VBox card(AbcProblem problem) {
    String where = problem.bar() > 0 ? "Bar " + problem.bar() : "Line " + problem.line();
    Label place = Parts.label(where, problem.serious() ? "mend-title" : "care-title");
    Button go = Parts.button("", "Go to it", "link-action", () -> goTo(problem));
    HBox head = new HBox(8, place, Parts.stretch(), go);
    head.setAlignment(Pos.CENTER_LEFT);
    FlowPane mends = new FlowPane(12, 2);
    problem.mends().forEach(m -> mends.getChildren().add(mendButton(m)));
    VBox card = new VBox(2, head, Parts.words(Words.sentence(problem.text())), mends);
    card.getStyleClass().add(problem.serious() ? "mend-card" : "care");
    return card;
  }

  private Button mendButton(AbcMend mend) {
    return Parts.button("", mend.words(), "link-action", () -> apply(mend));
  }

  private void apply(AbcMend mend) {
    if (mend.to() <= line.getLength()) {
      line.replaceText(mend.from(), mend.to(), mend.put());
      line.moveTo(mend.from() + mend.put().length());
    }
    begin();
  }

  private void goTo(AbcProblem problem) {
    line.selectRange(problem.from(), Math.min(problem.to(), line.getLength()));
    begin();
  }

  private void keyPressed(KeyEvent event) {
    boolean done = true;
    if (event.isAltDown() && event.getCode() == KeyCode.ENTER) {
      reading.problemAt(line.getCaretPosition()).stream()
          .flatMap(p -> p.mends().stream())
          .findFirst()
          .ifPresent(this::apply);
    } else if (event.isAltDown() && event.getCode() == KeyCode.DOWN) {
      reading.problemAfter(line.getCaretPosition()).ifPresent(this::goTo);
    } else if (event.isShortcutDown() && event.getCode() == KeyCode.ENTER) {
      take();
    } else if (event.getCode() == KeyCode.ESCAPE) {
      onClose.run();
    } else {
      done = false;
    }
    if (done) {
      event.consume();
    }
  }

  private void take() {
    keep();
    try {
      onTaken.accept(desk.offerTyped(line.getText()));
    } catch (ScoreRejectedException e) {
      state.setText("mend what is underlined first");
      reading.toMend().stream().findFirst().ifPresent(this::goTo);
    }
  }
}
