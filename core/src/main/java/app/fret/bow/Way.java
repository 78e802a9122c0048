package app.fret.bow;

import app.fret.score.BowDirection;

/**
 * A way to draw a stroke.
 *
 * @param direction which way it goes
 * @param start place on the bow at its start, 0 at the frog to 1 at the tip
 * @param end place at its end
 */
record Way(BowDirection direction, double start, double end) {
  double middle() {
    return (start + end) / 2;
  }

  /** Share of the hair it uses. */
  double amount() {
    return Math.abs(end - start);
  }

  boolean isUp() {
    return direction == BowDirection.UP;
  }
}
