package app.fret.desktop.music;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;

/** What the signs under the music of the shape stand for, in one line. */
public final class ShapeLegend extends Canvas {
  private static final double WIDTH = 690;
  private static final double HEIGHT = 30;
  private static final double MIDDLE = 13;
  private static final double LEFT = 20;
  private static final double LETTER = 6.2;

  private final GraphicsContext graphics = getGraphicsContext2D();
  private final LanePen pen = new LanePen(graphics);
  private double x = LEFT;

  /** The line. */
  public ShapeLegend() {
    super(WIDTH, HEIGHT);
    setId("shape-legend");
    graphics.setFill(Palette.INK);
    graphics.fillRect(x + 6, MIDDLE - 3, 6, 6);
    pen.line(x, MIDDLE, x + 18, MIDDLE, Palette.INK, 1.4);
    words("printed");
    pen.line(x, MIDDLE, x + 18, MIDDLE, Palette.ACCENT, 2);
    graphics.setFill(Palette.PAPER);
    graphics.fillOval(x + 6, MIDDLE - 3, 6, 6);
    graphics.setStroke(Palette.ACCENT);
    graphics.strokeOval(x + 6, MIDDLE - 3, 6, 6);
    words("proposed");
    diamond(false);
    words("peak, proposed");
    diamond(true);
    words("peak, moved by you");
    wave();
    words("must vibrate");
    graphics.setLineDashes(3, 3);
    graphics.setStroke(Palette.ACCENT);
    graphics.setLineWidth(1);
    graphics.strokeRoundRect(x, MIDDLE - 5, 18, 10, 3, 3);
    graphics.setLineDashes();
    words("may");
    graphics.setLineDashes(4, 4);
    pen.line(x, MIDDLE, x + 18, MIDDLE, Palette.QUIET, 1);
    graphics.setLineDashes();
    words("none");
  }

  private void words(String text) {
    pen.text(text, x + 24, MIDDLE, Palette.QUIET);
    x += 24 + LETTER * text.length() + 14;
  }

  private void diamond(boolean filled) {
    double[] xs = {x + 3, x + 9, x + 15, x + 9};
    double[] ys = {MIDDLE, MIDDLE - 6, MIDDLE, MIDDLE + 6};
    graphics.setFill(filled ? Palette.ACCENT : Palette.PAPER);
    graphics.fillPolygon(xs, ys, 4);
    graphics.setStroke(Palette.ACCENT);
    graphics.setLineWidth(1.6);
    graphics.strokePolygon(xs, ys, 4);
  }

  private void wave() {
    double before = MIDDLE;
    for (double by = 0; by <= 18; by += 1.5) {
      double y = MIDDLE - 5 * Math.sin(by / 9 * 2 * Math.PI);
      if (by > 0) {
        pen.line(x + by - 1.5, before, x + by, y, Palette.ACCENT, 1.3);
      }
      before = y;
    }
  }
}
