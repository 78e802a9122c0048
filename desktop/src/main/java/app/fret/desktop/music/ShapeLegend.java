package app.fret.desktop.music;

import app.fret.desktop.music.ink.Palette;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

/** What the signs under the music of the shape stand for. */
public final class ShapeLegend extends FlowPane {
  private static final double WIDTH = 18;
  private static final double HEIGHT = 14;
  private static final double MIDDLE = HEIGHT / 2;

  /** The signs with their words; they wrap where there is little room. */
  public ShapeLegend() {
    super(10, 2);
    setId("shape-legend");
    setPadding(new Insets(4, 20, 6, 20));
    add(ShapeLegend::printed, "printed");
    add(ShapeLegend::proposed, "proposed");
    add(g -> diamond(g, false), "peak, proposed");
    add(g -> diamond(g, true), "peak, moved");
    add(ShapeLegend::wave, "must vibrate");
    add(ShapeLegend::box, "may");
    add(ShapeLegend::none, "none");
  }

  private void add(Consumer<GraphicsContext> sign, String words) {
    Canvas canvas = new Canvas(WIDTH, HEIGHT);
    sign.accept(canvas.getGraphicsContext2D());
    Label label = new Label(words);
    label.getStyleClass().add("quiet");
    HBox item = new HBox(6, canvas, label);
    item.setAlignment(Pos.CENTER_LEFT);
    getChildren().add(item);
  }

  private static void line(GraphicsContext graphics) {
    graphics.strokeLine(0, MIDDLE, WIDTH, MIDDLE);
  }

  private static void printed(GraphicsContext graphics) {
    graphics.setStroke(Palette.INK);
    graphics.setLineWidth(1.4);
    line(graphics);
    graphics.setFill(Palette.INK);
    graphics.fillRect(WIDTH / 2 - 3, MIDDLE - 3, 6, 6);
  }

  private static void proposed(GraphicsContext graphics) {
    graphics.setStroke(Palette.ACCENT);
    graphics.setLineWidth(1.8);
    line(graphics);
    graphics.setFill(Palette.PAPER);
    graphics.fillOval(WIDTH / 2 - 3, MIDDLE - 3, 6, 6);
    graphics.strokeOval(WIDTH / 2 - 3, MIDDLE - 3, 6, 6);
  }

  private static void diamond(GraphicsContext graphics, boolean filled) {
    double[] xs = {WIDTH / 2 - 6, WIDTH / 2, WIDTH / 2 + 6, WIDTH / 2};
    double[] ys = {MIDDLE, MIDDLE - 6, MIDDLE, MIDDLE + 6};
    graphics.setFill(filled ? Palette.ACCENT : Palette.PAPER);
    graphics.fillPolygon(xs, ys, 4);
    graphics.setStroke(Palette.ACCENT);
    graphics.setLineWidth(1.6);
    graphics.strokePolygon(xs, ys, 4);
  }

  private static void wave(GraphicsContext graphics) {
    graphics.setStroke(Palette.ACCENT);
    graphics.setLineWidth(1.3);
    double before = MIDDLE;
    for (double x = 1.5; x <= WIDTH; x += 1.5) {
      double y = MIDDLE - 5 * Math.sin(x / 9 * 2 * Math.PI);
      graphics.strokeLine(x - 1.5, before, x, y);
      before = y;
    }
  }

  private static void box(GraphicsContext graphics) {
    graphics.setStroke(Palette.ACCENT);
    graphics.setLineDashes(3, 3);
    graphics.strokeRoundRect(0.5, MIDDLE - 5, WIDTH - 1, 10, 3, 3);
  }

  private static void none(GraphicsContext graphics) {
    graphics.setStroke(Palette.QUIET);
    graphics.setLineDashes(4, 4);
    line(graphics);
  }
}
