package app.fret.files.pdf;

import app.fret.engraving.Bezier;
import app.fret.engraving.Mark;
import app.fret.engraving.Paper;
import app.fret.engraving.PartPages;
import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Draws one page. Marks are given in staff spaces downwards, PDF counts points upwards. */
final class PdfPage {
  private static final double POINTS_PER_MM = 72 / 25.4;
  private static final double SPACES_PER_EM = 4;

  private final PDPageContentStream stream;
  private final Paper paper;
  private final Map<Mark.Face, PDFont> fonts;
  private final MusicOutlines outlines;
  private double left;
  private double top;

  PdfPage(
      PDPageContentStream stream,
      Paper paper,
      Map<Mark.Face, PDFont> fonts,
      MusicOutlines outlines) {
    this.stream = stream;
    this.paper = paper;
    this.fonts = fonts;
    this.outlines = outlines;
  }

  void draw(PartPages.Page page) throws IOException {
    for (PartPages.Words words : page.words()) {
      draw(words);
    }
    for (PartPages.Line line : page.lines()) {
      left = line.xMm() * POINTS_PER_MM;
      top = (paper.heightMm() - line.yMm()) * POINTS_PER_MM;
      for (Mark mark : line.system().marks()) {
        draw(mark);
      }
    }
  }

  private void draw(PartPages.Words words) throws IOException {
    double size = words.sizeMm() * POINTS_PER_MM;
    PdfWords text = new PdfWords(stream, fonts.get(words.face()), outlines, words.text());
    double width = text.width(size);
    double x = words.xMm() * POINTS_PER_MM;
    double shift =
        switch (words.anchor()) {
          case LEFT -> 0;
          case MIDDLE -> width / 2;
          case RIGHT -> width;
        };
    stream.setNonStrokingColor(Color.BLACK);
    text.show(size, x - shift, (paper.heightMm() - words.yMm()) * POINTS_PER_MM);
  }

  private double space() {
    return PartPages.STAFF_SPACE_MM * POINTS_PER_MM;
  }

  private float x(double spaces) {
    return (float) (left + spaces * space());
  }

  private float y(double spaces) {
    return (float) (top - spaces * space());
  }

  private void draw(Mark mark) throws IOException {
    Color colour = PdfInk.of(mark.role());
    stream.setNonStrokingColor(colour);
    stream.setStrokingColor(colour);
    if (mark instanceof Mark.Glyph glyph) {
      draw(glyph);
    } else if (mark instanceof Mark.Line line) {
      draw(line);
    } else if (mark instanceof Mark.Shape shape) {
      draw(shape);
    } else if (mark instanceof Mark.Curve curve) {
      draw(curve);
    } else if (mark instanceof Mark.Text text) {
      new PdfWords(stream, fonts.get(text.face()), outlines, text.text())
          .show(text.size() * space(), x(text.x()), y(text.y()));
    }
  }

  private void draw(Mark.Glyph glyph) throws IOException {
    double scale = SPACES_PER_EM * space() * glyph.scale() / outlines.unitsPerEm();
    AffineTransform place = AffineTransform.getTranslateInstance(x(glyph.x()), y(glyph.y()));
    place.scale(scale, scale);
    GeneralPath path = outlines.of(glyph.sign().codePoint());
    PdfPath.add(stream, path.getPathIterator(place));
    stream.fill();
  }

  private void draw(Mark.Line line) throws IOException {
    stream.setLineWidth((float) (line.thickness() * space()));
    stream.moveTo(x(line.x1()), y(line.y1()));
    stream.lineTo(x(line.x2()), y(line.y2()));
    stream.stroke();
  }

  private void draw(Mark.Shape shape) throws IOException {
    List<Double> points = shape.points();
    stream.moveTo(x(points.get(0)), y(points.get(1)));
    for (int i = 2; i + 1 < points.size(); i += 2) {
      stream.lineTo(x(points.get(i)), y(points.get(i + 1)));
    }
    stream.closePath();
    stream.fill();
  }

  /** Two curves that part in the middle, filled between. */
  private void draw(Mark.Curve curve) throws IOException {
    stream.moveTo(x(curve.middle().x1()), y(curve.middle().y1()));
    add(curve.upperEdge());
    add(curve.lowerEdge());
    stream.setLineWidth((float) (Mark.Curve.OUTLINE * space()));
    stream.fillAndStroke();
  }

  private void add(Bezier edge) throws IOException {
    stream.curveTo(
        x(edge.controlX1()),
        y(edge.controlY1()),
        x(edge.controlX2()),
        y(edge.controlY2()),
        x(edge.x2()),
        y(edge.y2()));
  }
}
