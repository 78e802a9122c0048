package app.fret.engraving;

import java.util.ArrayList;
import java.util.List;

/** The marks of one system as they are drawn, and the skyline they make. */
final class Canvas {
  final List<Mark> marks = new ArrayList<>();
  final Skyline skyline;
  final double width;
  private final FontMetrics metrics = FontMetrics.BRAVURA;

  Canvas(double width) {
    this.skyline = new Skyline(width);
    this.width = width;
  }

  void glyph(double x, double y, Smufl sign, double scale, Mark.Role role) {
    marks.add(new Mark.Glyph(x, y, sign, scale, role));
    FontMetrics.Box box = metrics.box(sign);
    skyline.add(
        x + box.left() * scale,
        x + box.right() * scale,
        y + box.top() * scale,
        y + box.bottom() * scale);
  }

  /** Adds glyphs that were made elsewhere. */
  void addGlyphs(List<Mark> glyphs) {
    for (Mark mark : glyphs) {
      Mark.Glyph glyph = (Mark.Glyph) mark;
      glyph(glyph.x(), glyph.y(), glyph.sign(), glyph.scale(), glyph.role());
    }
  }

  void line(double x1, double y1, double x2, double y2, double thickness, Mark.Role role) {
    marks.add(new Mark.Line(x1, y1, x2, y2, thickness, role));
    skyline.add(Math.min(x1, x2), Math.max(x1, x2), Math.min(y1, y2), Math.max(y1, y2));
  }

  /** Text whose box counts in the skyline: capitals reach 0.7 of the size above the baseline. */
  void text(double x, double y, String text, double size, Mark.Face face, Mark.Role role) {
    marks.add(new Mark.Text(x, y, text, size, face, role));
    skyline.add(x, x + TextWidth.of(text, size), y - 0.72 * size, y + 0.2 * size);
  }
}
