package app.fret.leaning;

/** Whose weights are meant. */
public enum Side {
  LEFT_HAND("left-hand"),
  BOW("bow");

  private final String id;

  Side(String id) {
    this.id = id;
  }

  /** What it is called in files. */
  public String id() {
    return id;
  }
}
