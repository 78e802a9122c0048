package app.fret.desktop.music;

import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.music.ink.Palette;
import app.fret.engraving.Bezier;
import app.fret.engraving.Mark;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints the marks of a system at a scale of so many pixels to the staff space. */
final class MarkPainter {
  private static final double SPACES_PER_EM = 4;

  private final GraphicsContext graphics;
  private final double space;
  private final double left;
  private final double top;

  /**
   * A painter whose origin, the left end of the top staff line, lies at (left, top) pixels.
   *
   * @param space pixels to the staff space
   */
  MarkPainter(GraphicsContext graphics, double space, double left, double top) {
    this.graphics = graphics;
    this.space = space;
    this.left = left;
    this.top = top;
  }

  void paint(List<Mark> marks) {
    graphics.setTextAlign(TextAlignment.LEFT);
    graphics.setTextBaseline(VPos.BASELINE);
    marks.forEach(this::paint);
  }

  private double x(double spaces) {
    return left + spaces * space;
  }

  private double y(double spaces) {
    return top + spaces * space;
  }

  private void paint(Mark mark) {
    graphics.setFill(Palette.of(mark.role()));
    graphics.setStroke(Palette.of(mark.role()));
    if (mark instanceof Mark.Glyph glyph) {
      graphics.setFont(Fonts.music(SPACES_PER_EM * space * glyph.scale()));
      graphics.fillText(glyph.sign().character(), x(glyph.x()), y(glyph.y()));
    } else if (mark instanceof Mark.Line line) {
      paint(line);
    } else if (mark instanceof Mark.Shape shape) {
      paint(shape);
    } else if (mark instanceof Mark.Curve curve) {
      paint(curve);
    } else if (mark instanceof Mark.Text text) {
      graphics.setFont(font(text));
      graphics.fillText(text.text(), x(text.x()), y(text.y()));
    }
  }

  private Font font(Mark.Text text) {
    double size = text.size() * space;
    return switch (text.face()) {
      case REGULAR -> Fonts.regular(size);
      case SEMI_BOLD -> Fonts.semiBold(size);
      case ITALIC -> Fonts.italic(size);
    };
  }

  private void paint(Mark.Line line) {
    graphics.setLineWidth(line.thickness() * space);
    graphics.setLineCap(StrokeLineCap.BUTT);
    graphics.strokeLine(x(line.x1()), y(line.y1()), x(line.x2()), y(line.y2()));
  }

  private void paint(Mark.Shape shape) {
    int corners = shape.points().size() / 2;
    double[] xs = new double[corners];
    double[] ys = new double[corners];
    for (int i = 0; i < corners; i++) {
      xs[i] = x(shape.points().get(2 * i));
      ys[i] = y(shape.points().get(2 * i + 1));
    }
    graphics.fillPolygon(xs, ys, corners);
  }

  /** Two curves that part in the middle, filled between. */
  private void paint(Mark.Curve curve) {
    graphics.beginPath();
    graphics.moveTo(x(curve.middle().x1()), y(curve.middle().y1()));
    add(curve.upperEdge());
    add(curve.lowerEdge());
    graphics.closePath();
    graphics.fill();
    graphics.setLineWidth(Mark.Curve.OUTLINE * space);
    graphics.stroke();
  }

  private void add(Bezier edge) {
    graphics.bezierCurveTo(
        x(edge.controlX1()),
        y(edge.controlY1()),
        x(edge.controlX2()),
        y(edge.controlY2()),
        x(edge.x2()),
        y(edge.y2()));
  }
}
