package app.fret.practice.trial;

/** One of two ways. */
public enum Way {
  A,
  B;

  /** The other. */
  public Way other() {
    return this == A ? B : A;
  }
}
