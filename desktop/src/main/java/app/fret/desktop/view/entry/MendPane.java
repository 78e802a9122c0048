package app.fret.desktop.view.entry;

import app.fret.desktop.model.entry.StaffDesk;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.music.SheetView;
import app.fret.desktop.music.ink.Palette;
import app.fret.desktop.view.part.Parts;
import app.fret.edit.MendedBars;
import app.fret.edit.StaffPen;
import app.fret.engraving.Engraver;
import app.fret.engraving.Engraving;
import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.Passage;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;

/** The notes of an open passage, mended on the staff; the file they came from stays as it was. */
public final class MendPane extends BorderPane {
  private final PassageDesk desk;
  private final Runnable onClose;
  private final StaffDesk staff;
  private final StaffArea area;
  private final Label state = Parts.label("", "quiet");
  private final VBox facts = new VBox(4);
  private final SheetView imported = new SheetView("imported-sheet", StaffArea.SPACE);
  private final ToggleButton asImported = new ToggleButton("As imported");
  private Passage shown;

  /** A pane over the open passage, with the pen behind the selected note. */
  public MendPane(PassageDesk desk, Runnable onClose) {
    this.desk = desk;
    this.onClose = onClose;
    this.shown = desk.study().passage();
    this.staff = new StaffDesk(first(desk));
    this.area = new StaffArea("mend-sheet", staff, state::setText);
    setId("mend");
    getStyleClass().add("entry");
    setTop(head());
    setCenter(area);
    setRight(side());
    state.setId("mend-state");
    staff.penProperty().addListener((property, before, now) -> penMoved(before, now));
    area.sheet().viewportBoundsProperty().addListener((property, before, now) -> engrave(shown));
    addEventFilter(KeyEvent.KEY_PRESSED, this::keyPressed);
    engrave(shown);
  }

  private static StaffPen first(PassageDesk desk) {
    StaffPen pen = StaffPen.over(desk.study().passage());
    return desk.selection()
        .note()
        .map(n -> pen.goTo(desk.study().notes().get(n).events().first(), false))
        .orElse(pen);
  }

  /** Puts the caret where keys are heard. */
  public void begin() {
    area.sheet().requestFocus();
  }

  private HBox head() {
    HBox head =
        new HBox(
            12,
            Parts.label("Mend the notes", "why-title"),
            Parts.label(desk.study().passage().title(), "quiet"),
            Parts.stretch(),
            state,
            asImported);
    asImported.setId("mend-imported");
    asImported.getStyleClass().add("mode-button");
    asImported.setVisible(desk.isMended());
    asImported.setOnAction(e -> compare());
    head.setAlignment(Pos.CENTER_LEFT);
    head.getStyleClass().add("entry-head");
    return head;
  }

  /** Shows the notes as they were imported in place of those being mended, or the other way. */
  private void compare() {
    boolean before = asImported.isSelected();
    setCenter(before ? imported : area);
    if (!before) {
      begin();
      return;
    }
    Passage file = desk.opened().passage();
    double width = area.sheet().widthInSpaces();
    desk.layOut(
        imported,
        () -> new Engraver().engrave(file, width),
        engraving -> {
          imported.show(engraving);
          imported.tint(mendedSince(file));
          state.setText("As imported; what is shaded was mended since");
        });
  }

  private Map<Integer, Color> mendedSince(Passage file) {
    Set<Integer> bars = MendedBars.of(file, shown);
    Map<Integer, Color> tints = new HashMap<>();
    for (int i = 0; i < file.events().size(); i++) {
      if (bars.contains(file.events().get(i).bar())) {
        tints.put(i, Palette.CHANGED);
      }
    }
    return tints;
  }

  private VBox side() {
    Button keep = Parts.button("mend-keep", "Keep these notes", "main-action", this::keep);
    Button leave = Parts.button("mend-leave", "Leave as they were", "outline-action", onClose);
    VBox side =
        new VBox(
            10,
            Parts.label("As you mend", "why-title"),
            facts,
            Parts.heading("A wrong note"),
            Parts.words(
                "Go to it with the arrows, then Shift and its letter. + and − change its"
                    + " sign, Ctrl and a digit its length, Shift R makes it a rest."),
            Parts.heading("Notes and bars"),
            Parts.words(
                "A letter puts a note in behind the caret, Backspace takes one out. Ctrl+C"
                    + " copies the bars selected, Ctrl+V puts them in. Ctrl+Z takes back."),
            Parts.heading("What stays"),
            Parts.words(
                "Pins and ticks stay with their notes; those that cannot are named. The"
                    + " file stays as it was imported."),
            Parts.stretch(),
            Parts.words("Ctrl+Enter keeps, Esc leaves.", "small"),
            new HBox(8, keep, leave));
    side.getStyleClass().add("why-panel");
    return side;
  }

  private void penMoved(StaffPen before, StaffPen now) {
    if (before.music() == now.music()) {
      follow();
    } else {
      shown = now.music().passage();
      engrave(shown);
    }
  }

  private void engrave(Passage music) {
    double width = area.sheet().widthInSpaces();
    desk.layOut(this, () -> new Engraver().engrave(music, width), this::show);
  }

  private void show(Engraving engraving) {
    area.sheet().show(engraving);
    follow();
  }

  private void follow() {
    List<Bar> wrong = shown.bars().stream().filter(MendPane::isWrong).toList();
    area.follow(tints());
    facts
        .getChildren()
        .setAll(
            Parts.fact("Caret", caretWords()),
            Parts.fact("Bars", String.valueOf(shown.bars().size())),
            Parts.fact("Not adding up", words(wrong)));
  }

  private String caretWords() {
    Bar bar = shown.bars().get(Math.min(staff.pen().caret().bar(), shown.bars().size() - 1));
    OptionalInt event = staff.pen().currentEvent();
    return "bar " + bar.label() + (event.isEmpty() ? ", before its first note" : "");
  }

  private static String words(List<Bar> wrong) {
    return wrong.isEmpty()
        ? "none"
        : wrong.stream().limit(6).map(Bar::label).collect(Collectors.joining(", "))
            + (wrong.size() > 6 ? " …" : "")
            + " (kept as written)";
  }

  private static boolean isWrong(Bar bar) {
    return !bar.metre().isFree()
        && !bar.uncounted()
        && !bar.length().equals(bar.metre().barLength());
  }

  private Map<Integer, Color> tints() {
    Map<Integer, Color> tints = new HashMap<>();
    for (int i = 0; i < shown.events().size(); i++) {
      Event event = shown.events().get(i);
      if (isWrong(shown.bars().get(event.bar()))) {
        tints.put(i, Palette.CHANGED);
      }
    }
    return tints;
  }

  private void keyPressed(KeyEvent event) {
    if (event.isShortcutDown() && event.getCode() == KeyCode.ENTER) {
      keep();
      event.consume();
    } else if (event.getCode() == KeyCode.ESCAPE) {
      onClose.run();
      event.consume();
    }
  }

  private void keep() {
    StaffPen tidied = staff.pen().tidied();
    // Bars that came in too long may stay so; one that was made so here is a slip.
    List<Bar> before = desk.study().passage().bars().stream().filter(Bar::isOverlong).toList();
    List<Bar> now = tidied.music().passage().bars().stream().filter(Bar::isOverlong).toList();
    Optional<Bar> tooLong =
        now.stream()
            .filter(b -> now.size() > before.size())
            .filter(b -> before.stream().noneMatch(o -> o.label().equals(b.label())))
            .findFirst();
    if (tooLong.isPresent()) {
      state.setText(
          "Bar " + tooLong.get().label() + " is too long for its metre: take something out first");
      return;
    }
    if (!tidied.music().passage().equals(desk.study().passage())) {
      desk.mend(tidied.music());
    }
    onClose.run();
  }
}
