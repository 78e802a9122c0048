package app.fret.shape;

import java.util.List;
import java.util.Locale;

/**
 * A word of character for a phrase, which sets named defaults (common practice, no source; figures
 * are Fret's own).
 */
public enum Character {
  HEROIC("heroic", 1.15, 1.1, "nearer the bridge", 1, "wide and even"),
  SINGING("singing", 1.1, 1, "in the middle", 1, "through the line"),
  LIGHT("light", 0.7, 1.15, "nearer the fingerboard", 0.85, "narrow"),
  DIGNIFIED("dignified", 0.9, 0.95, "in the middle", 0.95, "slow");

  private final String words;
  private final double vibratoFactor;
  private final double speedFactor;
  private final String contact;
  private final double lengthFactor;
  private final String vibratoWords;

  Character(
      String words,
      double vibratoFactor,
      double speedFactor,
      String contact,
      double lengthFactor,
      String vibratoWords) {
    this.words = words;
    this.vibratoFactor = vibratoFactor;
    this.speedFactor = speedFactor;
    this.contact = contact;
    this.lengthFactor = lengthFactor;
    this.vibratoWords = vibratoWords;
  }

  /** Its name for players and in files. */
  public String words() {
    return words;
  }

  /** What the width of the vibrato is multiplied with. */
  public double vibratoFactor() {
    return vibratoFactor;
  }

  /** What the speed of the bow is multiplied with. */
  public double speedFactor() {
    return speedFactor;
  }

  /** Steps of a lane from bridge (-1) to fingerboard (1) by which the contact point moves. */
  public int contactStep() {
    return this == HEROIC ? -1 : this == LIGHT ? 1 : 0;
  }

  /** What the sounding length of separate notes is multiplied with. */
  public double lengthFactor() {
    return lengthFactor;
  }

  /** What it changes, a phrase each. */
  public List<String> changes() {
    return List.of(
        String.format(Locale.ROOT, "vibrato %s, %.0f %%", vibratoWords, 100 * vibratoFactor),
        String.format(Locale.ROOT, "bow speed %.0f %%", 100 * speedFactor),
        "contact " + contact,
        String.format(Locale.ROOT, "separate notes %.0f %% of their length", 100 * lengthFactor));
  }

  /**
   * The character of this name.
   *
   * @throws IllegalArgumentException when there is none
   */
  public static Character named(String words) {
    for (Character character : values()) {
      if (character.words.equals(words)) {
        return character;
      }
    }
    throw new IllegalArgumentException(
        "there is no character '" + words + "'; they are heroic, singing, light, dignified");
  }
}
