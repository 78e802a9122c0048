package app.fret.book;

import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * Something on a player's programme that has no music in the book.
 *
 * @param id its number in the book
 * @param playerId whose it is
 * @param kind what it is
 * @param title its name for the player
 * @param minutes minutes it takes when it comes up
 * @param heard what was noted while listening; nothing of a study
 */
public record OtherItem(long id, long playerId, Kind kind, String title, int minutes, Heard heard) {
  /** What the number of one stands behind where the schedule knows it by name. */
  public static final String ITEM_PREFIX = "other-";

  private static final int MOST_MINUTES = 120;

  /** What it is. */
  public enum Kind {
    /** A study that is played from elsewhere. */
    STUDY("study"),
    /** A recording that is listened to. */
    LISTENING("listening");

    private final String id;

    Kind(String id) {
      this.id = id;
    }

    /**
     * The kind of a name in files.
     *
     * @throws IllegalArgumentException for a name this Fret does not know
     */
    static Kind ofId(String id) {
      return Arrays.stream(values())
          .filter(k -> k.id.equals(id))
          .findFirst()
          .orElseThrow(() -> new IllegalArgumentException("no kind of item '" + id + "'"));
    }

    /** What it is called in files. */
    public String id() {
      return id;
    }
  }

  /**
   * What was heard in a recording.
   *
   * @param perMinute its tempo, as tapped along
   * @param bowings what was heard of the bowing
   * @param bowAmount how much bow is taken, and where
   * @param shape where it grows and falls
   */
  public record Heard(OptionalDouble perMinute, String bowings, String bowAmount, String shape) {
    /** Nothing was noted yet. */
    public static final Heard NOTHING = new Heard(OptionalDouble.empty(), "", "", "");

    /**
     * @throws IllegalArgumentException when the tempo is none, with a sentence
     */
    public Heard {
      if (perMinute.isPresent() && !(perMinute.getAsDouble() > 0)) {
        throw new IllegalArgumentException("The tempo of a recording lies above 0.");
      }
    }

    /** The same with another tempo. */
    public Heard at(double newPerMinute) {
      return new Heard(OptionalDouble.of(newPerMinute), bowings, bowAmount, shape);
    }
  }

  /** The same with what was heard. */
  public OtherItem with(Heard newHeard) {
    return new OtherItem(id, playerId, kind, title, minutes, newHeard);
  }

  /**
   * @throws IllegalArgumentException when it has no title, or no likely minutes, with a sentence
   */
  public OtherItem {
    if (title.isBlank()) {
      throw new IllegalArgumentException("Give it a title.");
    }
    if (minutes < 1 || minutes > MOST_MINUTES) {
      throw new IllegalArgumentException("Minutes are 1 to " + MOST_MINUTES + ".");
    }
  }
}
