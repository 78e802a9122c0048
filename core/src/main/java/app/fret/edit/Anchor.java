package app.fret.edit;

import org.apache.commons.numbers.fraction.Fraction;

/**
 * A moment that holds on to a note or rest.
 *
 * @param item the id of the note or rest
 * @param atEnd whether it counts back from the end of it
 * @param offset how far from its start, or back from its end
 */
record Anchor(int item, boolean atEnd, Fraction offset) {
  /** The start of an item. */
  static Anchor start(int item) {
    return new Anchor(item, false, Fraction.ZERO);
  }

  /** The end of an item. */
  static Anchor end(int item) {
    return new Anchor(item, true, Fraction.ZERO);
  }

  Anchor on(int otherItem) {
    return new Anchor(otherItem, atEnd, Fraction.ZERO);
  }
}
