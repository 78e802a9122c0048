package app.fret.reading.layers;

import java.util.Locale;

/** Whose marks they are, in the order in which they stand. */
public enum Origin {
  COMPOSER("composer"),
  EDITOR("editor"),
  SECTION("section"),
  COACH("coach"),
  SELF("own");

  private final String words;

  Origin(String words) {
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

  /** Whether it is printed in the part. */
  public boolean isPrinted() {
    return this == COMPOSER || this == EDITOR;
  }

  /**
   * The origin of this name.
   *
   * @throws IllegalArgumentException when there is none
   */
  public static Origin named(String id) {
    return valueOf(id.toUpperCase(Locale.ROOT));
  }
}
