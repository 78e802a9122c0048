package app.fret.desktop.view.entry;

import app.fret.desktop.model.Desk;
import app.fret.desktop.model.entry.EntryReading;
import app.fret.desktop.model.entry.StaffDesk;
import app.fret.desktop.model.exchange.ImportOffer;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.music.SheetView;
import app.fret.desktop.music.ink.Palette;
import app.fret.desktop.view.part.Parts;
import app.fret.edit.StaffPen;
import app.fret.engraving.Engraver;
import app.fret.engraving.Engraving;
import app.fret.files.ScoreRejectedException;
import app.fret.files.abc.AbcMend;
import app.fret.files.abc.AbcProblem;
import app.fret.score.Passage;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.util.Duration;
import org.fxmisc.flowless.VirtualizedScrollPane;
import org.fxmisc.richtext.CodeArea;

/**
 * Music written in, as a line of letters or on the staff, engraved at every key stroke. Both write
 * the same music: what is written on the staff stands in the line at once.
 *
 * <p>Nothing that is typed is ever taken away: what is no music yet is underlined where it stands,
 * with the changes that would mend it.
 */
public final class EntryPane extends BorderPane {
  private static final String START = "T:Untitled\nM:4/4\nL:1/8\nQ:1/4=96\nK:C clef=treble\n";

  private final Desk desk;
  private final Runnable onClose;
  private final Consumer<ImportOffer> onTaken;
  private final TypedLine line;
  private final VBox facts = new VBox(2);
  private final ProblemCards problems = new ProblemCards(this::goTo, this::apply);
  private final Label count = Parts.label("", "quiet");
  private final Label state = Parts.label("", "quiet");
  private final PauseTransition keeping = new PauseTransition(Duration.millis(300));
  private final StaffDesk staff;
  private final StaffArea area;
  private final SheetView sheet;
  private final ToggleButton toLine = toggle("entry-to-line", "the line", this::writeInLine);
  private final ToggleButton toStaff = toggle("entry-to-staff", "the staff", this::writeOnStaff);
  private final Label signsHeading = Parts.heading("");
  private final VBox signs = new VBox();
  private final EntrySigns lineSigns = new EntrySigns();
  private final StaffSigns staffSigns = new StaffSigns();
  private EntryReading reading;
  private boolean onStaff;
  private boolean following;
  private int keyStrokes;

  /** What is read and engraved of a text. */
  private record Shown(EntryReading reading, Optional<Engraving> engraving) {}

  /**
   * A pane over what was typed last.
   *
   * @param onTaken hears the music that is taken
   */
  public EntryPane(Desk desk, Consumer<ImportOffer> onTaken, Runnable onClose) {
    this.desk = desk;
    this.onTaken = onTaken;
    this.onClose = onClose;
    String text = desk.draft().isEmpty() ? START : desk.draft();
    this.reading = EntryReading.of(text);
    this.line = new TypedLine(text);
    this.staff = new StaffDesk(StaffPen.over(reading.music()));
    this.area = new StaffArea("entry-sheet", staff, state::setText);
    this.sheet = area.sheet();
    setId("entry");
    getStyleClass().add("entry");
    setTop(head());
    setCenter(work());
    setRight(side());
    listen();
    showMode();
    readLine();
  }

  private void listen() {
    line.textProperty().addListener((property, before, now) -> typed());
    line.caretPositionProperty().addListener((property, before, now) -> follow());
    line.heightProperty().addListener((property, before, now) -> line.requestFollowCaret());
    line.focusedProperty().addListener((property, before, now) -> lineFocused(now));
    line.addEventFilter(KeyEvent.KEY_TYPED, e -> keyStrokes++);
    staff.penProperty().addListener((property, before, now) -> penMoved(before, now));
    area.setGate(this::openProblem);
    area.setOnPointed(this::writeOnStaff);
    sheet.viewportBoundsProperty().addListener((property, before, now) -> readAgain());
    addEventFilter(KeyEvent.KEY_PRESSED, this::keyPressed);
    keeping.setOnFinished(e -> keep());
    sceneProperty()
        .addListener(
            (property, before, now) -> {
              if (now == null) {
                keep();
              }
            });
  }

  /** Puts the caret where typing goes. */
  public void begin() {
    if (onStaff) {
      sheet.requestFocus();
    } else {
      line.requestFocus();
      line.requestFollowCaret();
    }
  }

  private ToggleButton toggle(String id, String words, Runnable action) {
    ToggleButton button = new ToggleButton(words);
    button.setId(id);
    button.getStyleClass().add("mode-button");
    button.setFocusTraversable(false);
    button.setOnAction(e -> action.run());
    return button;
  }

  private HBox head() {
    ToggleGroup modes = new ToggleGroup();
    toLine.setToggleGroup(modes);
    toStaff.setToggleGroup(modes);
    HBox head =
        headRow(
            Parts.label("Write music in", "why-title"),
            Parts.label("typing goes to", "quiet"),
            new HBox(4, toLine, toStaff),
            Parts.label("F6 changes over", "small"),
            Parts.stretch(),
            count);
    count.setId("entry-count");
    head.getStyleClass().add("entry-head");
    return head;
  }

  private static HBox headRow(javafx.scene.Node... parts) {
    HBox row = new HBox(12, parts);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private VBox work() {
    state.setId("entry-state");
    VirtualizedScrollPane<CodeArea> scroll = new VirtualizedScrollPane<>(line);
    scroll.setMinHeight(132);
    scroll.setPrefHeight(170);
    Label hint =
        Parts.words(
            "After L:1/8 a plain c is an eighth, c2 a quarter, c/ a sixteenth. Alt+Enter takes the"
                + " first change offered, Alt+Down goes to the next, Ctrl+Enter takes the bars.",
            "small");
    VBox typing =
        new VBox(
            6,
            headRow(
                Parts.label("The line", "entry-title"),
                Parts.label(
                    "ABC, the open text form of music: T title, M metre, L length, Q tempo, K key",
                    "small"),
                Parts.stretch(),
                state),
            scroll,
            hint);
    typing.getStyleClass().add("entry-typing");
    return new VBox(area, typing);
  }

  private VBox side() {
    Button take = Parts.button("entry-take", "Take these bars", "main-action", this::take);
    Button later = Parts.button("entry-close", "Go on later", "outline-action", onClose);
    VBox side =
        new VBox(
            10,
            Parts.label("As you write", "why-title"),
            facts,
            Parts.scroll(new VBox(10, problems, signsHeading, signs)),
            new HBox(8, take, later));
    side.getStyleClass().add("why-panel");
    side.setId("entry-side");
    return side;
  }

  private void lineFocused(boolean focused) {
    if (focused && onStaff) {
      writeInLine();
    }
  }

  private void writeInLine() {
    if (onStaff) {
      bringLineUp(); // at once: what is typed next must not be overtaken
      onStaff = false;
      readLine();
    }
    showMode();
    begin();
  }

  private void bringLineUp() {
    if (openProblem().isEmpty()) {
      following = true;
      line.follow(reading.rewritten(staff.pen().tidied().music().passage()).text());
      following = false;
      desk.holdDraft(line.getText());
    }
  }

  /** The pen lies over what the line says, behind the note that its caret stands behind. */
  private void writeOnStaff() {
    if (!onStaff) {
      onStaff = true;
      if (!reading.text().equals(line.getText())) {
        reading = EntryReading.of(line.getText());
      }
      StaffPen pen = StaffPen.over(reading.music()).perBeat(staff.pen().perBeat());
      OptionalInt event = reading.eventAt(line.getCaretPosition());
      staff.start(event.isPresent() ? pen.goTo(event.getAsInt(), false) : pen);
    }
    showMode();
    begin();
  }

  private void showMode() {
    toLine.setSelected(!onStaff);
    toStaff.setSelected(onStaff);
    area.setActive(onStaff);
    signsHeading.setText(onStaff ? "More keys on the staff" : "Signs in the line");
    signs.getChildren().setAll(onStaff ? staffSigns : lineSigns);
    follow();
  }

  /** Something in the line that is no music would be lost if the line were written anew. */
  private Optional<String> openProblem() {
    return reading.toMend().stream()
        .filter(p -> reading.notes() > 0 && !p.isLength())
        .findFirst()
        .map(p -> "mend bar " + p.bar() + " in the line first: Alt+Down goes there");
  }

  private void penMoved(StaffPen before, StaffPen now) {
    if (before.music() == now.music()) {
      follow();
      return;
    }
    EntryReading base = reading;
    desk.layOut(this, () -> engraved(base.rewritten(now.music().passage())), this::showWritten);
  }

  private Shown engraved(EntryReading now) {
    double width = sheet.widthInSpaces();
    Optional<Passage> music = now.tune().passage();
    return new Shown(now, music.map(p -> new Engraver().engrave(p, width)));
  }

  /** What was written on the staff stands in the line, too. */
  private void showWritten(Shown shown) {
    following = true;
    line.follow(shown.reading().text());
    following = false;
    desk.holdDraft(line.getText());
    keeping.playFromStart();
    show(shown);
  }

  private void typed() {
    if (!following) {
      desk.holdDraft(line.getText());
      keeping.playFromStart();
      readLine();
    }
  }

  /** Writes what is typed into the book; while it goes on, a few times a second is enough. */
  private void keep() {
    keeping.stop();
    desk.keepDraft(line.getText());
  }

  private void readAgain() {
    if (!onStaff) {
      readLine();
    } else {
      EntryReading now = reading;
      desk.layOut(this, () -> engraved(now), this::show);
    }
  }

  /** Reads and engraves beside the window's thread; of several texts only the newest. */
  private void readLine() {
    String text = line.getText();
    desk.layOut(this, () -> engraved(EntryReading.of(text)), this::show);
  }

  private void show(Shown shown) {
    reading = shown.reading();
    shown.engraving().ifPresentOrElse(sheet::show, sheet::clear);
    line.underline(reading);
    problems.show(reading);
    showState();
    follow();
  }

  private OptionalInt currentEvent() {
    return onStaff ? staff.pen().currentEvent() : reading.eventAt(line.getCaretPosition());
  }

  /** What follows the caret: its place in the music and the facts beside it. */
  private void follow() {
    OptionalInt event = currentEvent();
    if (onStaff) {
      area.follow(tints());
    } else {
      Map<Integer, Color> tints = tints();
      event.ifPresent(e -> tints.put(e, Palette.SELECTION));
      sheet.tint(tints);
      sheet.caret(event.isEmpty() ? Optional.empty() : Optional.of(new SheetView.Caret(0, event)));
    }
    facts
        .getChildren()
        .setAll(
            Parts.label(reading.barWords(), "quiet"),
            Parts.fact("Key", reading.keyWords()),
            Parts.fact("Metre", reading.metreWords()),
            Parts.fact("Range", reading.rangeWords()),
            Parts.fact("Caret", reading.placeWords(event)));
    int bar = onStaff ? staff.pen().caret().bar() : Integer.MAX_VALUE;
    reading
        .beatsToCome(bar)
        .ifPresent(beats -> facts.getChildren().add(Parts.fact("To come", beats + " beats")));
    int notes = reading.notes();
    int strokes = keyStrokes + area.keyStrokes();
    count.setText(
        Words.count(notes, "note", "notes")
            + (notes > 0 && strokes > 0
                ? ", " + Words.number(Math.round(10.0 * strokes / notes) / 10.0) + " keys a note"
                : ""));
  }

  private Map<Integer, Color> tints() {
    Map<Integer, Color> tints = new HashMap<>();
    List<Integer> places = reading.tune().places();
    for (AbcProblem problem : reading.tune().problems()) {
      for (int event = 0; event < places.size(); event++) {
        if (places.get(event) >= problem.from() && places.get(event) < problem.to()) {
          tints.put(event, problem.serious() ? Palette.MEND : Palette.CHANGED);
        }
      }
    }
    return tints;
  }

  private void showState() {
    int mend = reading.toMend().size();
    int look = reading.toLookAt().size();
    boolean isEmpty = reading.notes() == 0;
    state.setText(
        isEmpty
            ? "type letters: c2 d2 e2 f2 |"
            : mend + look == 0 ? "nothing to mend" : mend + " to mend, " + look + " to look at");
    state.getStyleClass().setAll("label", mend > 0 && !isEmpty ? "trouble" : "quiet");
  }

  private void apply(AbcMend mend) {
    writeInLine();
    if (mend.to() <= line.getLength()) {
      line.replaceText(mend.from(), mend.to(), mend.put());
      line.moveTo(mend.from() + mend.put().length());
    }
  }

  private void goTo(AbcProblem problem) {
    writeInLine();
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
    } else if (event.getCode() == KeyCode.F6) {
      changeOver();
    } else if (event.getCode() == KeyCode.ESCAPE) {
      onClose.run();
    } else {
      done = false;
    }
    if (done) {
      event.consume();
    }
  }

  private void changeOver() {
    if (onStaff) {
      writeInLine();
    } else {
      writeOnStaff();
    }
  }

  /**
   * Takes what is written; a text that the staff is still to be written into is brought up first.
   */
  private void take() {
    if (onStaff) {
      bringLineUp();
    }
    keep();
    try {
      onTaken.accept(desk.imports().offerTyped(line.getText()));
    } catch (ScoreRejectedException e) {
      state.setText("mend what is underlined first");
      reading.toMend().stream().findFirst().ifPresent(this::goTo);
    }
  }
}
