package app.fret.desktop.view.entry;

import app.fret.desktop.model.entry.StaffDesk;
import app.fret.desktop.model.entry.StaffKey;
import app.fret.desktop.model.entry.StaffMark;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.KeyPresses;
import app.fret.desktop.view.part.Parts;
import app.fret.edit.StaffPen;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The keys that write on the staff: caps to see and to click, and what each key press does. */
final class StaffKeys extends VBox {
  private static final PseudoClass ON = PseudoClass.getPseudoClass("on");

  /** Where the digits stand in their row: behind the letters and the octaves. */
  private static final int LENGTHS_AT = 3;

  private static final Runnable NOTHING = () -> {};

  private final StaffDesk desk;
  private final Consumer<UnaryOperator<StaffPen>> perform;
  private final Consumer<String> say;
  private final Map<StaffKey, Button> caps = new HashMap<>();
  private final TextField mark = new TextField();
  private Runnable afterMark = () -> {};

  /**
   * Keys over a desk.
   *
   * @param perform does what a key asks, where it may be done
   * @param say tells the player something in a few words
   */
  StaffKeys(StaffDesk desk, Consumer<UnaryOperator<StaffPen>> perform, Consumer<String> say) {
    super(4);
    this.desk = desk;
    this.perform = perform;
    this.say = say;
    getStyleClass().add("staff-keys");
    setId("staff-keys");
    getChildren().addAll(row(StaffKey.Row.WRITE), marks());
    desk.penProperty().addListener((property, before, now) -> light(now));
    light(desk.pen());
  }

  private HBox row(StaffKey.Row which) {
    HBox row = new HBox(6);
    row.setAlignment(Pos.CENTER_LEFT);
    if (which == StaffKey.Row.WRITE) {
      row.getChildren().add(cap("A … G", "nearest", Optional.empty()));
    }
    StaffKey.ALL.stream()
        .filter(k -> k.shown() == which && !isLength(k))
        .forEach(k -> row.getChildren().add(cap(k.cap(), k.words(), Optional.of(k))));
    if (which == StaffKey.Row.WRITE) {
      row.getChildren().add(LENGTHS_AT, lengths());
    }
    return row;
  }

  private static boolean isLength(StaffKey key) {
    return key.id().startsWith("per-beat-");
  }

  /** The digits, with one line of words under them all. */
  private VBox lengths() {
    HBox digits = new HBox(4);
    StaffKey.ALL.stream()
        .filter(k -> k.shown() == StaffKey.Row.WRITE && isLength(k))
        .forEach(k -> digits.getChildren().add(button(k)));
    return new VBox(1, digits, Parts.label("notes to one beat", "key-words"));
  }

  private Button button(StaffKey key) {
    Button cap =
        Parts.button("key-" + key.id(), key.cap(), "key-cap", () -> perform.accept(key.action()));
    cap.setFocusTraversable(false);
    cap.setAccessibleText(key.words());
    caps.put(key, cap);
    return cap;
  }

  /** A cap with its words under it. */
  private VBox cap(String sign, String words, Optional<StaffKey> key) {
    Button cap =
        key.map(this::button)
            .orElseGet(() -> Parts.button("key-letters", sign, "key-cap", NOTHING));
    cap.setFocusTraversable(false);
    VBox column = new VBox(1, cap, Parts.label(words, "key-words"));
    column.setAlignment(Pos.TOP_LEFT);
    column.setMinWidth(USE_PREF_SIZE);
    return column;
  }

  private HBox marks() {
    HBox row = row(StaffKey.Row.MARK);
    mark.setId("staff-mark");
    mark.setPromptText(StaffMark.EXAMPLES);
    mark.setPrefColumnCount(18);
    mark.setMinWidth(60);
    mark.setOnAction(e -> takeMark());
    mark.setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.ESCAPE) {
            mark.clear();
            afterMark.run();
            e.consume();
          }
        });
    Button cap = Parts.button("key-mark", "M", "key-cap", mark::requestFocus);
    cap.setFocusTraversable(false);
    VBox column = new VBox(1, cap, Parts.label("mark", "key-words"));
    row.getChildren().addAll(column, mark);
    return row;
  }

  /** Says what happens when a mark is written or given up. */
  void setAfterMark(Runnable action) {
    afterMark = action;
  }

  private void takeMark() {
    try {
      perform.accept(StaffMark.of(mark.getText()));
      mark.clear();
      afterMark.run();
    } catch (IllegalArgumentException e) {
      say.accept(Words.sentence(e.getMessage()));
    }
  }

  private void light(StaffPen pen) {
    caps.forEach((key, cap) -> cap.pseudoClassStateChanged(ON, key.isOn().test(pen)));
  }

  /**
   * Carries a key press out.
   *
   * @return whether it was one of these keys
   */
  boolean press(KeyEvent event) {
    if (event.isShortcutDown() && !event.isAltDown() && pressWithControl(event)) {
      return true;
    }
    Optional<StaffKey> asked =
        StaffKey.ALL.stream().filter(k -> KeyPresses.match(k.keys(), event)).findFirst();
    asked.ifPresent(k -> perform.accept(k.action()));
    return asked.isPresent();
  }

  private boolean pressWithControl(KeyEvent event) {
    switch (event.getCode()) {
      case Z -> say.accept(event.isShiftDown() ? again() : back());
      case C -> say.accept(Words.count(desk.copy(), "bar", "bars") + " copied");
      case X -> perform.accept(p -> cut());
      case V -> perform.accept(p -> pasted());
      default -> {
        return false;
      }
    }
    return true;
  }

  private String back() {
    return desk.undo() ? "taken back" : "nothing to take back here";
  }

  private String again() {
    return desk.redo() ? "made again" : "nothing to make again";
  }

  /** Copying changes the desk, not the pen, so that what is cut is taken from the pen in force. */
  private StaffPen cut() {
    desk.copy();
    return desk.pen().deleteBars();
  }

  private StaffPen pasted() {
    return desk.pasted();
  }

  /**
   * Carries a typed character out.
   *
   * @return whether it was one of these keys
   */
  boolean type(String character) {
    if (character.equals("m") || character.equals("M")) {
      mark.requestFocus();
      return true;
    }
    Optional<StaffKey> asked =
        StaffKey.ALL.stream()
            .filter(k -> !character.isBlank() && k.typed().contains(character))
            .findFirst();
    asked.ifPresent(k -> perform.accept(k.action()));
    return asked.isPresent();
  }
}
