package app.fret.files.midi;

import org.apache.commons.numbers.fraction.Fraction;

/**
 * Into how many parts a quarter is divided: plainly, or as a tuplet.
 *
 * @param parts how many
 * @param penalty what it costs to choose it, in mean squared quarters; finer and rarer ones cost
 *     more, so that a played unevenness is not taken for a tuplet
 */
record Grid(int parts, double penalty) {
  /** The divisions that are looked for, the plainest first. */
  static final Grid[] ALL = {
    new Grid(1, 0),
    new Grid(2, 0.0002),
    new Grid(4, 0.0006),
    new Grid(3, 0.0008),
    new Grid(6, 0.002),
    new Grid(8, 0.0025),
    new Grid(5, 0.0028),
    new Grid(7, 0.003)
  };

  /** Whether it needs a tuplet to be written. */
  boolean isTuplet() {
    return Integer.bitCount(parts) > 1 || parts > 8;
  }

  /** The distance of its points, as a fraction of a whole note. */
  Fraction step() {
    return Fraction.of(1, 4 * parts);
  }
}
