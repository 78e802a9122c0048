package app.fret.score;

/**
 * A key signature.
 *
 * @param fifths sharps (positive) or flats (negative), -7 to 7
 */
public record Key(int fifths) {
  private static final Step[] SHARPS = {Step.F, Step.C, Step.G, Step.D, Step.A, Step.E, Step.B};

  public Key {
    if (fifths < -7 || fifths > 7) {
      throw new IllegalArgumentException("a key signature of " + fifths + " fifths");
    }
  }

  /** Alteration the signature gives this letter: -1, 0 or 1. */
  public int alterOf(Step step) {
    for (int i = 0; i < Math.abs(fifths); i++) {
      if (step == (fifths > 0 ? SHARPS[i] : SHARPS[6 - i])) {
        return Integer.signum(fifths);
      }
    }
    return 0;
  }

  /** The letter that carries the sign printed at this place of the signature, from 0. */
  public Step stepAt(int place) {
    return fifths > 0 ? SHARPS[place] : SHARPS[6 - place];
  }
}
