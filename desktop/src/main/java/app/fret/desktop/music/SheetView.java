package app.fret.desktop.music;

import app.fret.engraving.Engraving;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.scene.AccessibleRole;
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

  private final VBox lines = new VBox(GAP);
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

  /**
   * Shows an engraving.
   *
   * @param tints colours to lay behind events, by event
   */
  public void show(Engraving engraving, Map<Integer, Color> tints) {
    List<Pane> shown = new ArrayList<>();
    for (Engraving.System system : engraving.systems()) {
      shown.add(line(system, engraving.widthSpaces() * space, tints));
    }
    lines.getChildren().setAll(shown);
  }

  /** Shows no music. */
  public void clear() {
    lines.getChildren().clear();
  }

  private Pane line(Engraving.System system, double width, Map<Integer, Color> tints) {
    double height = (system.bottom() - system.top()) * space + 2 * PADDING;
    Canvas canvas = new Canvas(width, height);
    new MarkPainter(canvas.getGraphicsContext2D(), space, 0, PADDING - system.top() * space)
        .paint(system.marks());
    Pane line = new Pane();
    line.setMinSize(width, height);
    line.setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    line.setAccessibleText("a line of the music as it is written");
    tints.forEach(
        (event, colour) ->
            system
                .placeOf(event)
                .ifPresent(place -> line.getChildren().add(tint(place, colour, height))));
    line.getChildren().add(canvas);
    return line;
  }

  private Rectangle tint(Engraving.NotePlace place, Color colour, double height) {
    double width = Math.max(20, place.width() * space + 10);
    Rectangle tint = new Rectangle(place.middle() * space - width / 2, 0, width, height);
    tint.setFill(colour);
    tint.setArcWidth(8);
    tint.setArcHeight(8);
    return tint;
  }
}
