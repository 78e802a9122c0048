package app.fret.desktop.view.entry;

import app.fret.desktop.model.entry.StaffDesk;
import app.fret.desktop.music.SheetView;
import app.fret.desktop.music.ink.Palette;
import app.fret.edit.Caret;
import app.fret.edit.StaffPen;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;

/** A sheet that is written on by keys and mouse, with its key caps under it. */
final class StaffArea extends VBox {
  /** Pixels to a staff space. */
  static final double SPACE = 8.6;

  private final StaffDesk staff;
  private final SheetView sheet;
  private final StaffKeys keys;
  private final Consumer<String> say;
  private Supplier<Optional<String>> gate = Optional::empty;
  private Runnable onPointed = () -> {};
  private boolean active = true;
  private int keyStrokes;

  /**
   * An area over a desk.
   *
   * @param id name of the sheet in the window
   * @param say tells the player something in a few words
   */
  StaffArea(String id, StaffDesk staff, Consumer<String> say) {
    this.staff = staff;
    this.say = say;
    this.sheet = new SheetView(id, SPACE);
    this.keys = new StaffKeys(staff, this::write, say);
    VBox.setVgrow(this, Priority.ALWAYS);
    VBox.setVgrow(sheet, Priority.ALWAYS);
    getChildren().addAll(sheet, keys);
    keys.setAfterMark(sheet::requestFocus);
    sheet.setOnPointed(this::pointed);
    sheet.setFocusTraversable(true);
    sheet.addEventFilter(KeyEvent.KEY_PRESSED, this::keyPressed);
    sheet.addEventFilter(KeyEvent.KEY_TYPED, this::keyTyped);
  }

  SheetView sheet() {
    return sheet;
  }

  /** Says why nothing may be changed just now, if so. */
  void setGate(Supplier<Optional<String>> newGate) {
    gate = newGate;
  }

  /** Hears that the mouse points at the sheet, before anything follows from it. */
  void setOnPointed(Runnable listener) {
    onPointed = listener;
  }

  /** Whether keys write here. */
  void setActive(boolean isActive) {
    active = isActive;
    keys.setDisable(!isActive);
  }

  /** Keys pressed here so far. */
  int keyStrokes() {
    return keyStrokes;
  }

  /** Does what a key asks, unless nothing may be changed. */
  void write(UnaryOperator<StaffPen> action) {
    StaffPen now = action.apply(staff.pen());
    boolean changes = now.music() != staff.pen().music();
    Optional<String> refusal = changes ? gate.get() : Optional.empty();
    refusal.ifPresentOrElse(say, () -> staff.perform(pen -> now));
  }

  /** Shows the caret and the selection, with more colours beneath. */
  void follow(Map<Integer, Color> beneath) {
    StaffPen pen = staff.pen();
    OptionalInt event = pen.currentEvent();
    Map<Integer, Color> tints = new HashMap<>(beneath);
    List<Integer> selected = pen.selectedEvents();
    selected.forEach(e -> tints.put(e, Palette.SELECTION));
    if (selected.isEmpty()) {
      event.ifPresent(e -> tints.put(e, Palette.SELECTION));
    }
    sheet.tint(tints);
    boolean atStart = pen.caret().position() == 0;
    OptionalInt behind = atStart ? OptionalInt.empty() : event;
    sheet.caret(Optional.of(new SheetView.Caret(pen.caret().bar(), behind)));
  }

  private void pointed(SheetView.Pointed place) {
    onPointed.run();
    sheet.requestFocus();
    Caret at = new Caret(place.bar(), place.position());
    if (place.isDouble()) {
      write(pen -> pen.goTo(at).noteAt(place.stepsAboveBottomLine()));
    } else if (place.event().isPresent()) {
      write(pen -> pen.goTo(place.event().getAsInt(), place.isExtending()));
    } else {
      write(pen -> pen.goTo(at));
    }
  }

  private void keyPressed(KeyEvent event) {
    if (active && keys.press(event)) {
      keyStrokes++;
      event.consume();
    }
  }

  private void keyTyped(KeyEvent event) {
    if (active && !event.isControlDown() && !event.isAltDown()) {
      keyStrokes += keys.type(event.getCharacter()) ? 1 : 0;
      event.consume();
    }
  }
}
