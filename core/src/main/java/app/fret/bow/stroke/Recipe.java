package app.fret.bow.stroke;

/** How a level is made; loudness is speed, weight and contact point together (common practice). */
public enum Recipe {
  /** Speed makes the level; nothing is pressed. */
  SPEED_LED("speed-led"),
  /** A slow bow with weight, near the bridge. */
  WEIGHT_LED("weight-led"),
  /** A light, fast bow near the fingerboard: a whole bow in pianissimo. */
  LIGHT_AND_FAST("light and fast");

  private final String words;

  Recipe(String words) {
    this.words = words;
  }

  /** Its name for players and in files. */
  public String words() {
    return words;
  }
}
