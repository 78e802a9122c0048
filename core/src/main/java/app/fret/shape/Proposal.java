package app.fret.shape;

import java.util.Locale;

/** What is proposed between the printed marks (common practice, no source); each can be left. */
public enum Proposal {
  RISING_GROWS("rising grows", "A phrase grows towards its peak and comes back from it.", true),
  ENDS_TAPER("ends taper", "The end of a phrase tapers.", true),
  LIGHT_UPBEATS("light upbeats", "An upbeat is lighter than the beat it leads to.", true),
  VOICE_UNDER("second voice under", "A pedal or second voice stays under the tune.", true),
  REPEAT_DIFFERS("repeat differs", "What comes back at once is softer, like an echo.", false),
  RETURN_SOFTER("return softer", "What comes back later on is softer than the first time.", false),
  LOW_LINE(
      "low line shaped",
      "The lowest notes of a figure make a line of their own that grows as it rises.",
      false),
  BEATS_LEAN(
      "beats lean", "The first beat of a bar leans, and what lies between is lighter.", false);

  private final String words;
  private final String sentence;
  private final boolean isUsual;

  Proposal(String words, String sentence, boolean isUsual) {
    this.words = words;
    this.sentence = sentence;
    this.isUsual = isUsual;
  }

  /** Its name for players. */
  public String words() {
    return words;
  }

  /** What it does, a sentence. */
  public String sentence() {
    return sentence;
  }

  /** Whether it is on without a decision. */
  public boolean isUsual() {
    return isUsual;
  }

  /** Its name in files. */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /**
   * The proposal of this name.
   *
   * @throws IllegalArgumentException when there is none
   */
  public static Proposal named(String id) {
    for (Proposal proposal : values()) {
      if (proposal.id().equals(id)) {
        return proposal;
      }
    }
    throw new IllegalArgumentException("there is no proposal '" + id + "'");
  }
}
