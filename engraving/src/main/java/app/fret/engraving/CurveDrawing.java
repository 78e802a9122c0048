package app.fret.engraving;

/**
 * Draws ties and slurs as tapered curves that clear what they span.
 *
 * <p>A slur starts as a shallow bow and is raised in steps until no note, stem or beam under it
 * touches it.
 */
final class CurveDrawing {
  private static final double CLEARANCE = 0.35;
  private static final double RAISE_STEP = 0.4;
  private static final int MOST_RAISES = 24;
  private static final double SHARE_OF_LENGTH = 0.12;
  private static final double LOWEST_BOW = 0.65;
  private static final double HIGHEST_BOW = 2.2;

  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Canvas canvas;

  CurveDrawing(Canvas canvas) {
    this.canvas = canvas;
  }

  /** A tie: flat, level, close to the heads. */
  void tie(double x1, double x2, double y, boolean above) {
    double rise = (above ? -1 : 1) * Math.min(1.0, 0.35 + 0.05 * (x2 - x1));
    double third = (x2 - x1) * 0.3;
    canvas.marks.add(
        new Mark.Curve(
            x1,
            y,
            x1 + third,
            y + rise,
            x2 - third,
            y + rise,
            x2,
            y,
            metrics.thickness("tieMidpointThickness"),
            Mark.Role.NOTE));
    canvas.skyline.add(x1, x2, Math.min(y, y + rise), Math.max(y, y + rise));
  }

  /** A slur over or under everything between its ends. */
  void slur(double x1, double y1, double x2, double y2, boolean above) {
    double bow = Math.max(LOWEST_BOW, Math.min(HIGHEST_BOW, SHARE_OF_LENGTH * (x2 - x1)));
    double sign = above ? -1 : 1;
    double startY = y1;
    double endY = y2;
    for (int raise = 0; raise < MOST_RAISES; raise++) {
      if (clear(x1, startY, x2, endY, sign * bow * 4 / 3, above)) {
        break;
      }
      bow += RAISE_STEP;
      if (raise % 3 == 2) {
        startY += sign * RAISE_STEP;
        endY += sign * RAISE_STEP;
      }
    }
    draw(x1, startY, x2, endY, sign * bow * 4 / 3);
  }

  private boolean clear(double x1, double y1, double x2, double y2, double lift, boolean above) {
    for (double t = 0.04; t <= 0.961; t += 0.04) {
      double x = x(x1, x2, t);
      double y = y(y1, y2, lift, t);
      if (above && y > canvas.skyline.inkTopBetween(x - 0.1, x + 0.1) - CLEARANCE * inner(t)) {
        return false;
      }
      if (!above && y < canvas.skyline.inkBottomBetween(x - 0.1, x + 0.1) + CLEARANCE * inner(t)) {
        return false;
      }
    }
    return true;
  }

  /** Less room is asked for at the very ends, which lie at the heads themselves. */
  private static double inner(double t) {
    return t < 0.1 || t > 0.9 ? -1.2 : 1;
  }

  private static double x(double x1, double x2, double t) {
    double third = (x2 - x1) * 0.28;
    return bezier(x1, x1 + third, x2 - third, x2, t);
  }

  private static double y(double y1, double y2, double lift, double t) {
    return bezier(y1, y1 + (y2 - y1) * 0.28 + lift, y2 - (y2 - y1) * 0.28 + lift, y2, t);
  }

  private static double bezier(double a, double b, double c, double d, double t) {
    double u = 1 - t;
    return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
  }

  private void draw(double x1, double y1, double x2, double y2, double lift) {
    double third = (x2 - x1) * 0.28;
    double tilt = (y2 - y1) * 0.28;
    canvas.marks.add(
        new Mark.Curve(
            x1,
            y1,
            x1 + third,
            y1 + tilt + lift,
            x2 - third,
            y2 - tilt + lift,
            x2,
            y2,
            metrics.thickness("slurMidpointThickness"),
            Mark.Role.NOTE));
    for (double t = 0; t < 1; t += 0.02) {
      double left = x(x1, x2, t);
      double right = x(x1, x2, t + 0.02);
      double y = y(y1, y2, lift, t);
      canvas.skyline.add(left, right, y - 0.1, y + 0.1);
    }
  }
}
