package app.fret.desktop.music;

import app.fret.desktop.music.ink.Palette;
import app.fret.engraving.Engraving;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;

/** Engraved music with nothing planned: what is being written in, as it stands. */
public final class SheetView extends ScrollPane {
  private static final double MARGIN = 20;
  private static final double GAP = 12;
  private static final double PADDING = 8;

  private static final double LEAST_TINT = 20;

  private static final double STAFF_SPACES = 4;
  private static final double CARET_REACH = 1.5;
  private static final double BEHIND = 0.7;

  private final VBox lines = new VBox(GAP);
  private final List<Line> shown = new ArrayList<>();
  private final double space;
  private Optional<Caret> caret = Optional.empty();
  private Consumer<Pointed> onPointed = place -> {};

  /**
   * Where writing goes on.
   *
   * @param bar index of the bar
   * @param behind the event it stands behind; empty at the start of the bar
   */
  public record Caret(int bar, OptionalInt behind) {}

  /**
   * A place that the mouse points at.
   *
   * @param bar index of the bar
   * @param position how many events of the bar lie to the left
   * @param event the event that is pointed at, if it is one
   * @param stepsAboveBottomLine height on the staff in lines and spaces
   * @param isDouble whether it was clicked twice
   * @param isExtending whether Shift was held
   */
  public record Pointed(
      int bar,
      int position,
      OptionalInt event,
      int stepsAboveBottomLine,
      boolean isDouble,
      boolean isExtending) {}

  /**
   * An empty sheet.
   *
   * @param id its name in the window
   * @param space pixels to a staff space
   */
  public SheetView(String id, double space) {
    this.space = space;
    setId(id);
    getStyleClass().add("score");
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setFitToWidth(true);
    setAccessibleRole(AccessibleRole.PARENT);
    lines.setPadding(new Insets(8, MARGIN, 24, MARGIN));
    setContent(lines);
  }

  /** The width that music has here, in staff spaces. */
  public double widthInSpaces() {
    return Math.max(20, (getViewportBounds().getWidth() - 2 * MARGIN) / space);
  }

  /** Shows an engraving; a line that is as it was is not painted again. */
  public void show(Engraving engraving) {
    double width = engraving.widthSpaces() * space;
    List<Line> before = List.copyOf(shown);
    shown.clear();
    for (Engraving.System system : engraving.systems()) {
      int index = shown.size();
      boolean same =
          index < before.size()
              && before.get(index).width == width
              && before.get(index).system.equals(system);
      shown.add(same ? before.get(index) : new Line(system, width));
    }
    lines.getChildren().setAll(shown);
    showCaret();
  }

  /** Shows where writing goes on. */
  public void caret(Optional<Caret> newCaret) {
    caret = newCaret;
    showCaret();
  }

  /** Hears what the mouse points at. */
  public void setOnPointed(Consumer<Pointed> listener) {
    onPointed = listener;
  }

  private void showCaret() {
    for (Line line : shown) {
      line.show(caret);
    }
    shown.stream().filter(Line::hasCaret).findFirst().ifPresent(this::scrollTo);
  }

  /** Moves the sheet just so far that the line with the caret is in view. */
  private void scrollTo(Line line) {
    double hidden = lines.getHeight() - getViewportBounds().getHeight();
    if (hidden <= 0) {
      return;
    }
    double top = getVvalue() * hidden;
    double above = line.getBoundsInParent().getMinY();
    double below = line.getBoundsInParent().getMaxY() - getViewportBounds().getHeight();
    double wanted = above < top ? above : Math.max(below, top);
    setVvalue(Math.max(0, Math.min(1, wanted / hidden)));
  }

  /**
   * Lays colours behind events.
   *
   * @param tints colours by event
   */
  public void tint(Map<Integer, Color> tints) {
    shown.forEach(line -> line.tint(tints));
  }

  /** Shows no music. */
  public void clear() {
    shown.clear();
    lines.getChildren().clear();
  }

  /** A painted system with what is laid behind it. */
  private final class Line extends Pane {
    private final Engraving.System system;
    private final double width;
    private final Group behind = new Group();
    private final Path mark = new Path();

    Line(Engraving.System system, double width) {
      this.system = system;
      this.width = width;
      double height = height();
      Canvas canvas = new Canvas(width, height);
      new MarkPainter(canvas.getGraphicsContext2D(), space, 0, PADDING - system.top() * space)
          .paint(system.marks());
      setMinSize(width, height);
      setAccessibleRole(AccessibleRole.IMAGE_VIEW);
      setAccessibleText("a line of the music as it is written");
      behind.setManaged(false);
      mark.setManaged(false);
      mark.setStroke(Palette.ACCENT);
      mark.setStrokeWidth(2);
      getChildren().addAll(behind, canvas, mark);
      setOnMouseClicked(this::clicked);
    }

    boolean hasCaret() {
      return !mark.getElements().isEmpty();
    }

    void show(Optional<Caret> caret) {
      mark.getElements().clear();
      caret.flatMap(this::caretX).ifPresent(this::drawCaret);
    }

    private Optional<Double> caretX(Caret at) {
      if (at.behind().isPresent()) {
        return system
            .placeOf(at.behind().getAsInt())
            .map(p -> Math.min(p.x() + p.width() + BEHIND, Math.max(p.until(), p.x() + p.width())));
      }
      return system.bars().stream()
          .filter(b -> b.bar() == at.bar())
          .findFirst()
          .map(b -> b.x() + BEHIND / 2);
    }

    private void drawCaret(double xInSpaces) {
      double x = Math.round(xInSpaces * space);
      double top = PADDING + (-system.top() - CARET_REACH) * space;
      double bottom = PADDING + (-system.top() + STAFF_SPACES + CARET_REACH) * space;
      mark.getElements()
          .addAll(
              new MoveTo(x - 3, top),
              new LineTo(x + 3, top),
              new MoveTo(x, top),
              new LineTo(x, bottom),
              new MoveTo(x - 3, bottom),
              new LineTo(x + 3, bottom));
    }

    private void clicked(MouseEvent event) {
      double x = event.getX() / space;
      double fromTopLine = (event.getY() - PADDING) / space + system.top();
      Optional<Engraving.BarPlace> bar =
          system.bars().stream().filter(b -> b.x() <= x && x <= b.until()).findFirst();
      bar.or(() -> system.bars().stream().filter(b -> x < b.x()).findFirst())
          .ifPresent(
              b ->
                  onPointed.accept(
                      new Pointed(
                          b.bar(),
                          eventsBefore(b, x),
                          eventAt(x),
                          (int) Math.round((STAFF_SPACES - fromTopLine) * 2),
                          event.getClickCount() == 2,
                          event.isShiftDown())));
    }

    private int eventsBefore(Engraving.BarPlace bar, double x) {
      return (int) places().filter(p -> p.x() >= bar.x() && p.middle() < x).count();
    }

    private OptionalInt eventAt(double x) {
      return places()
          .filter(p -> p.x() - BEHIND / 2 <= x && x <= p.x() + p.width() + BEHIND / 2)
          .mapToInt(Engraving.NotePlace::event)
          .findFirst();
    }

    private Stream<Engraving.NotePlace> places() {
      return Stream.concat(system.notes().stream(), system.rests().stream());
    }

    private double height() {
      return (system.bottom() - system.top()) * space + 2 * PADDING;
    }

    void tint(Map<Integer, Color> tints) {
      behind.getChildren().clear();
      tints.forEach(
          (event, colour) ->
              system
                  .placeOf(event)
                  .ifPresent(place -> behind.getChildren().add(rectangle(place, colour))));
    }

    private Rectangle rectangle(Engraving.NotePlace place, Color colour) {
      double width = Math.max(LEAST_TINT, place.width() * space + 10);
      double x = place.middle() * space - width / 2;
      Rectangle tint = new Rectangle(x, 0, width, height());
      tint.setFill(colour);
      tint.setArcWidth(8);
      tint.setArcHeight(8);
      return tint;
    }
  }
}
