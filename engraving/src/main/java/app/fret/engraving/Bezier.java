package app.fret.engraving;

/**
 * A cubic Bézier curve: the one place where the geometry of slurs and ties stands.
 *
 * @param x1 start
 * @param y1 start
 * @param controlX1 first control
 * @param controlY1 first control
 * @param controlX2 second control
 * @param controlY2 second control
 * @param x2 end
 * @param y2 end
 */
public record Bezier(
    double x1,
    double y1,
    double controlX1,
    double controlY1,
    double controlX2,
    double controlY2,
    double x2,
    double y2) {

  /**
   * A bow between two points.
   *
   * @param share how far along its chord each control stands, 0 to 0.5
   * @param lift how far the controls stand off the chord, down positive
   */
  static Bezier bow(double x1, double y1, double x2, double y2, double share, double lift) {
    double along = (x2 - x1) * share;
    double tilt = (y2 - y1) * share;
    return new Bezier(x1, y1, x1 + along, y1 + tilt + lift, x2 - along, y2 - tilt + lift, x2, y2);
  }

  /** Where it is, from 0 at the start to 1 at the end. */
  double x(double t) {
    return at(x1, controlX1, controlX2, x2, t);
  }

  /** Where it is, from 0 at the start to 1 at the end. */
  double y(double t) {
    return at(y1, controlY1, controlY2, y2, t);
  }

  private static double at(double a, double b, double c, double d, double t) {
    double u = 1 - t;
    return u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
  }

  /** The same ends with controls that much lower. */
  Bezier withControlsLower(double by) {
    return new Bezier(x1, y1, controlX1, controlY1 + by, controlX2, controlY2 + by, x2, y2);
  }

  /** The same curve the other way round. */
  Bezier reversed() {
    return new Bezier(x2, y2, controlX2, controlY2, controlX1, controlY1, x1, y1);
  }
}
