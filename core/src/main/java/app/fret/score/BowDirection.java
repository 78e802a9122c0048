package app.fret.score;

/** Which way the bow travels: down towards the tip, up towards the frog. */
public enum BowDirection {
  DOWN,
  UP;

  /** The other way. */
  public BowDirection opposite() {
    return this == DOWN ? UP : DOWN;
  }

  /** The word of the trade, {@code down-bow} or {@code up-bow}. */
  public String words() {
    return this == DOWN ? "down-bow" : "up-bow";
  }
}
