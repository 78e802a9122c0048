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
  private static final double TIE_CONTROLS = 0.3;
  private static final double SLUR_CONTROLS = 0.28;

  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Canvas canvas;

  CurveDrawing(Canvas canvas) {
    this.canvas = canvas;
  }

  /** A tie: flat, level, close to the heads. */
  void tie(double x1, double x2, double y, boolean above) {
    double rise = (above ? -1 : 1) * Math.min(1.0, 0.35 + 0.05 * (x2 - x1));
    Bezier curve = Bezier.bow(x1, y, x2, y, TIE_CONTROLS, rise);
    canvas.marks.add(
        new Mark.Curve(curve, metrics.thickness("tieMidpointThickness"), Mark.Role.NOTE));
    canvas.skyline.add(x1, x2, Math.min(y, y + rise), Math.max(y, y + rise));
  }

  /** A slur over or under everything between its ends. */
  void slur(double x1, double y1, double x2, double y2, boolean above) {
    double bow = Math.max(LOWEST_BOW, Math.min(HIGHEST_BOW, SHARE_OF_LENGTH * (x2 - x1)));
    double sign = above ? -1 : 1;
    double startY = y1;
    double endY = y2;
    Bezier curve = slur(x1, startY, x2, endY, sign * bow);
    for (int raise = 0; raise < MOST_RAISES && !clears(curve, above); raise++) {
      bow += RAISE_STEP;
      if (raise % 3 == 2) {
        startY += sign * RAISE_STEP;
        endY += sign * RAISE_STEP;
      }
      curve = slur(x1, startY, x2, endY, sign * bow);
    }
    draw(curve);
  }

  /** At its middle a curve reaches three quarters of the way to its controls. */
  private static Bezier slur(double x1, double y1, double x2, double y2, double bow) {
    return Bezier.bow(x1, y1, x2, y2, SLUR_CONTROLS, bow * 4 / 3);
  }

  private boolean clears(Bezier curve, boolean above) {
    for (double t = 0.04; t <= 0.961; t += 0.04) {
      double x = curve.x(t);
      double y = curve.y(t);
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

  private void draw(Bezier curve) {
    canvas.marks.add(
        new Mark.Curve(curve, metrics.thickness("slurMidpointThickness"), Mark.Role.NOTE));
    for (double t = 0; t < 1; t += 0.02) {
      double y = curve.y(t);
      canvas.skyline.add(curve.x(t), curve.x(t + 0.02), y - 0.1, y + 0.1);
    }
  }
}
