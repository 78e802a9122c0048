package app.fret.shape;

import java.util.Locale;

/** Schools of level and vibrato, both taught widely (common practice, no source). */
public enum Style {
  /** Vibrato goes on through the line; the ladder of levels is even. */
  CONTINUOUS("continuous vibrato"),
  /** Classical: forte leaves a step below fortissimo, vibrato is an ornament of long notes. */
  CLASSICAL("classical: vibrato as an ornament");

  private final String words;

  Style(String words) {
    this.words = words;
  }

  /** Its name for players. */
  public String words() {
    return words;
  }

  /** Its name in files. */
  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }

  /**
   * The style of this name.
   *
   * @throws IllegalArgumentException when there is none
   */
  public static Style named(String id) {
    for (Style style : values()) {
      if (style.id().equals(id)) {
        return style;
      }
    }
    throw new IllegalArgumentException("there is no style '" + id + "'");
  }
}
