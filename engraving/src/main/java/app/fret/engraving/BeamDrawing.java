package app.fret.engraving;

import app.fret.score.Span;
import java.util.List;

/**
 * Draws beamed groups: one slanted primary beam that every stem reaches, and shorter ones inside.
 *
 * <p>The slant follows the outer heads, a third of their distance and at most 1.25 spaces; it is
 * level where an inner head would stick out. Stems are at least three spaces long, for three beams
 * and more half a space longer each.
 */
final class BeamDrawing {
  private static final double SHORTEST_STEM = 3.0;
  private static final double PER_EXTRA_BEAM = 0.5;
  private static final double SLANT_SHARE = 0.35;
  private static final double MOST_SLANT = 1.25;
  private static final double STUB = 1.1;
  private static final double MIDDLE_LINE = 2;

  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Canvas canvas;
  private final double thickness = metrics.thickness("beamThickness");
  private final double step = metrics.thickness("beamThickness") + metrics.thickness("beamSpacing");

  BeamDrawing(Canvas canvas) {
    this.canvas = canvas;
  }

  /** Draws the group and returns the height of each stem's end. */
  double[] draw(Span group, List<EventShape> shapes, double[] stemX) {
    int size = group.last() - group.first() + 1;
    boolean up = shapes.get(group.first()).stemUp;
    double scale = shapes.get(group.first()).scale;
    double[] heads = new double[size];
    int mostBeams = 0;
    for (int i = 0; i < size; i++) {
      EventShape shape = shapes.get(group.first() + i);
      heads[i] = up ? shape.highestHead() : shape.lowestHead();
      mostBeams = Math.max(mostBeams, shape.flags());
    }
    double[] line = line(heads, stemX, up, mostBeams, scale);
    double[] ends = new double[size];
    for (int i = 0; i < size; i++) {
      ends[i] = line[0] + line[1] * (stemX[i] - stemX[0]);
    }
    for (int beam = 0; beam < mostBeams; beam++) {
      drawBeam(beam, group, shapes, stemX, ends, up);
    }
    return ends;
  }

  /** Height of the primary beam at the first stem, and its slope. */
  private static double[] line(
      double[] heads, double[] stemX, boolean up, int beams, double scale) {
    int last = heads.length - 1;
    double length = (SHORTEST_STEM + PER_EXTRA_BEAM * Math.max(0, beams - 2)) * scale;
    double sign = up ? -1 : 1;
    double slant =
        Math.max(-MOST_SLANT, Math.min(MOST_SLANT, SLANT_SHARE * (heads[last] - heads[0])));
    for (int i = 1; i < last; i++) {
      boolean sticksOut =
          up
              ? heads[i] < Math.min(heads[0], heads[last])
              : heads[i] > Math.max(heads[0], heads[last]);
      slant = sticksOut ? 0 : slant;
    }
    double slope = slant / Math.max(1e-6, stemX[last] - stemX[0]);
    double start = up ? Double.POSITIVE_INFINITY : Double.NEGATIVE_INFINITY;
    for (int i = 0; i <= last; i++) {
      double end = heads[i] + sign * length;
      double reach = scale < 1 ? end : up ? Math.min(end, MIDDLE_LINE) : Math.max(end, MIDDLE_LINE);
      double needed = reach - slope * (stemX[i] - stemX[0]);
      start = up ? Math.min(start, needed) : Math.max(start, needed);
    }
    return new double[] {start, slope};
  }

  private void drawBeam(
      int beam, Span group, List<EventShape> shapes, double[] stemX, double[] ends, boolean up) {
    int size = ends.length;
    int i = 0;
    while (i < size) {
      if (shapes.get(group.first() + i).flags() <= beam) {
        i++;
        continue;
      }
      int j = i;
      while (j + 1 < size && shapes.get(group.first() + j + 1).flags() > beam) {
        j++;
      }
      double scale = shapes.get(group.first()).scale;
      if (i == j) {
        drawStub(beam, i, stemX, ends, up, scale);
      } else {
        drawPiece(beam, stemX[i], ends[i], stemX[j], ends[j], up, scale);
      }
      i = j + 1;
    }
  }

  /** A short beam at a single stem, towards the inside of the group. */
  private void drawStub(int beam, int at, double[] stemX, double[] ends, boolean up, double scale) {
    int towards = at == 0 ? 1 : at - 1;
    double slope = (ends[towards] - ends[at]) / (stemX[towards] - stemX[at]);
    double length = Math.signum(stemX[towards] - stemX[at]) * STUB * scale;
    drawPiece(beam, stemX[at], ends[at], stemX[at] + length, ends[at] + slope * length, up, scale);
  }

  private void drawPiece(
      int beam, double x1, double y1, double x2, double y2, boolean up, double scale) {
    double inward = up ? 1 : -1;
    double offset = inward * beam * step * scale;
    double depth = inward * thickness * scale;
    double edge = metrics.thickness("stemThickness") / 2;
    double left = Math.min(x1, x2) - edge;
    double right = Math.max(x1, x2) + edge;
    double leftY = (x1 < x2 ? y1 : y2) + offset;
    double rightY = (x1 < x2 ? y2 : y1) + offset;
    canvas.marks.add(
        new Mark.Shape(
            List.of(left, leftY, right, rightY, right, rightY + depth, left, leftY + depth),
            Mark.Role.NOTE));
    int pieces = Math.max(1, (int) Math.ceil((right - left) / 0.5));
    for (int piece = 0; piece < pieces; piece++) {
      double from = left + (right - left) * piece / pieces;
      double to = left + (right - left) * (piece + 1) / pieces;
      double fromY = leftY + (rightY - leftY) * piece / pieces;
      double toY = leftY + (rightY - leftY) * (piece + 1) / pieces;
      canvas.skyline.add(
          from,
          to,
          Math.min(Math.min(fromY, toY), Math.min(fromY, toY) + depth),
          Math.max(Math.max(fromY, toY), Math.max(fromY, toY) + depth));
    }
  }
}
