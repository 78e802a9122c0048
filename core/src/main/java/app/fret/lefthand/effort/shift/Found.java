package app.fret.lefthand.effort.shift;

import app.fret.instrument.Instrument;
import app.fret.lefthand.hand.Placement;

/**
 * Places of the hand that are found without searching: the landmark positions of the instrument;
 * half position, by the nut, where each finger has a half step; for the thumb half the string and
 * landmarks above (common practice, no source).
 */
final class Found {
  private static final int FIRST_POSITION = 2;

  private final Instrument instrument;

  Found(Instrument instrument) {
    this.instrument = instrument;
  }

  /** Whether the hand of a placement stands at such a place. */
  boolean isAt(Placement at) {
    if (at.inThumbPosition()) {
      return at.base() >= instrument.handling().thumbUsualFrom()
          && instrument.landmarkBases().contains(at.base());
    }
    boolean byTheNut = !instrument.handling().lettersHaveFingers() && at.hand() < FIRST_POSITION;
    return byTheNut || instrument.landmarkBases().contains(at.hand());
  }
}
