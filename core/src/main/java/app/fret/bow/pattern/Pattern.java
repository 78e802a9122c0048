package app.fret.bow.pattern;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** A bowing as players speak of it (common practice, no source). */
public enum Pattern {
  SEPARATE("separate", "each note its own bow"),
  TWO_AND_TWO("two and two", "slurs of two"),
  THREE_AND_ONE("three and one", "three slurred, one separate"),
  SLUR_TWO_TWO_SEPARATE("slur two, two separate", "two slurred, two separate"),
  BEAT("by the beat", "one bow to a beat"),
  HALF_BAR("by the half bar", "two bows to a bar"),
  BAR("by the bar", "one bow to a bar"),
  HOOKED("hooked", "the short note in the direction of the long one, stopped between them"),
  AS_IT_COMES("as it comes", "each note its own bow, whichever way it comes");

  private final String words;
  private final String sentence;

  Pattern(String words, String sentence) {
    this.words = words;
    this.sentence = sentence;
  }

  /** Its name for players. */
  public String words() {
    return words;
  }

  /** What it is, a phrase. */
  public String sentence() {
    return sentence;
  }

  /** Its name in files and on the command line. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /**
   * The pattern of this name.
   *
   * @throws IllegalArgumentException naming those there are
   */
  public static Pattern named(String id) {
    return Arrays.stream(values())
        .filter(p -> p.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "there is no pattern '"
                        + id
                        + "'; they are "
                        + Arrays.stream(values())
                            .map(Pattern::id)
                            .collect(Collectors.joining(", "))));
  }
}
