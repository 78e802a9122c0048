package app.fret.desktop.music;

import app.fret.engraving.Engraving;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/** Engraved music with nothing planned: what is being written in, as it stands. */
public final class SheetView extends ScrollPane {
  private static final double MARGIN = 20;
  private static final double GAP = 12;
  private static final double PADDING = 8;

  private static final double LEAST_TINT = 20;

  private final VBox lines = new VBox(GAP);
  private final List<Line> shown = new ArrayList<>();
  private final double space;

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
      getChildren().addAll(behind, canvas);
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
