package app.fret.bow.stroke;

import java.util.Locale;

/** How far the bowing of the part binds (common practice, no source: practitioners differ). */
public enum BowSchool {
  /** Slurs and bow signs of the part are kept, as in study editions. */
  PRINTED("Keep the printed bowing"),
  /** Slurs are kept, as the section has them; bow signs may give way. */
  SECTION("Slurs of the section"),
  /** Slurs may be split, joined and hooked where it pays, as in older sources. */
  FREE("Free");

  private final String words;

  BowSchool(String words) {
    this.words = words;
  }

  /** Its name for players. */
  public String words() {
    return words;
  }

  /** Its name in files and on the command line. */
  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }

  /**
   * The school of this name.
   *
   * @throws IllegalArgumentException naming those there are
   */
  public static BowSchool named(String id) {
    for (BowSchool school : values()) {
      if (school.id().equals(id)) {
        return school;
      }
    }
    throw new IllegalArgumentException(
        "there is no bowing '" + id + "'; they are printed, section, free");
  }
}
