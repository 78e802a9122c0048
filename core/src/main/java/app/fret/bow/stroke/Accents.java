package app.fret.bow.stroke;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** How a player makes an accent (common practice, no source: teachers differ). */
public enum Accents {
  /** A quicker start and more weight together. */
  BOTH(
      "weight and speed",
      1.55,
      "Weight in and a quick start, then out without leaving the string."),
  /** The bow goes no faster; the arm gives weight at the start. */
  WEIGHT("weight", 1.1, "Weight in at the start, then out: the bow goes no faster."),
  /** The bow starts quicker; nothing is pressed. */
  SPEED("speed", 1.75, "A quick start that slows at once: nothing is pressed.");

  private final String words;
  private final double boost;
  private final String hint;

  Accents(String words, double boost, String hint) {
    this.words = words;
    this.boost = boost;
    this.hint = hint;
  }

  /** Its name for players. */
  public String words() {
    return words;
  }

  /** Its name in files and on the command line. */
  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** What the bow of an accented note is multiplied with. */
  double boost() {
    return boost;
  }

  /** What the hand does, a sentence. */
  public String hint() {
    return hint;
  }

  /**
   * The way of this name.
   *
   * @throws IllegalArgumentException naming those there are
   */
  public static Accents named(String id) {
    return Arrays.stream(values())
        .filter(a -> a.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "there is no accent by '"
                        + id
                        + "'; they are made by "
                        + Arrays.stream(values())
                            .map(Accents::id)
                            .collect(Collectors.joining(", "))));
  }
}
