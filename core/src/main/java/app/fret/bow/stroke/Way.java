package app.fret.bow.stroke;

import app.fret.score.BowDirection;

/**
 * A way to draw a stroke.
 *
 * @param direction which way it goes
 * @param start place on the bow at its start, 0 at the frog to 1 at the tip
 * @param end place at its end
 */
public record Way(BowDirection direction, double start, double end) {
  /** Places on the bow: from frog to tip in steps of a 120th. */
  public static final int PLACES = 121;

  /** Place of its middle, 0 at the frog to 1 at the tip. */
  public double middle() {
    return (start + end) / 2;
  }

  /** Share of the hair it uses. */
  public double amount() {
    return Math.abs(end - start);
  }

  /** Whether it goes up. */
  public boolean isUp() {
    return direction == BowDirection.UP;
  }
}
