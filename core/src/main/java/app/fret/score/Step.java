package app.fret.score;

/** A letter name of the scale, with its distance from C in the scale and in semitones. */
public enum Step {
  C(0),
  D(2),
  E(4),
  F(5),
  G(7),
  A(9),
  B(11);

  private final int semitonesAboveC;

  Step(int semitonesAboveC) {
    this.semitonesAboveC = semitonesAboveC;
  }

  /** Semitones from C up to the natural note of this letter, 0 to 11. */
  public int semitonesAboveC() {
    return semitonesAboveC;
  }
}
