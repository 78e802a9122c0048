package app.fret.files.pdf;

import java.awt.geom.PathIterator;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** Lays the outline of a sign on a page. */
final class PdfPath {
  private PdfPath() {}

  /**
   * Adds a path to the one under way.
   *
   * @param path in points upwards
   */
  static void add(PDPageContentStream stream, PathIterator path) throws IOException {
    float[] at = new float[6];
    float lastX = 0;
    float lastY = 0;
    for (; !path.isDone(); path.next()) {
      switch (path.currentSegment(at)) {
        case PathIterator.SEG_MOVETO -> stream.moveTo(at[0], at[1]);
        case PathIterator.SEG_LINETO -> stream.lineTo(at[0], at[1]);
        case PathIterator.SEG_QUADTO ->
            stream.curveTo(
                lastX + (at[0] - lastX) * 2 / 3,
                lastY + (at[1] - lastY) * 2 / 3,
                at[2] + (at[0] - at[2]) * 2 / 3,
                at[3] + (at[1] - at[3]) * 2 / 3,
                at[2],
                at[3]);
        case PathIterator.SEG_CUBICTO -> stream.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
        default -> stream.closePath();
      }
      int last = lastPoint(path.currentSegment(at));
      lastX = last < 0 ? lastX : at[last];
      lastY = last < 0 ? lastY : at[last + 1];
    }
  }

  private static int lastPoint(int segment) {
    return switch (segment) {
      case PathIterator.SEG_MOVETO, PathIterator.SEG_LINETO -> 0;
      case PathIterator.SEG_QUADTO -> 2;
      case PathIterator.SEG_CUBICTO -> 4;
      default -> -1;
    };
  }
}
