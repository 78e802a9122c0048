package app.fret.book;

import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;

/**
 * What was said of a passage.
 *
 * @param at when it was written; no two of a passage share a moment
 * @param by who said it
 * @param bar of which bar, by its label; empty for the whole
 * @param words what was said
 * @param video where it is in the video of a lesson, if it is in one
 */
public record PassageNote(
    Instant at, By by, Optional<String> bar, String words, Optional<VideoPlace> video) {
  /** Longest note, in characters. */
  public static final int MOST_WORDS = 2_000;

  /** Who said it. */
  public enum By {
    TEACHER("teacher"),
    JURY("jury"),
    PLAYER("player");

    private final String id;

    By(String id) {
      this.id = id;
    }

    /** What it is called in files. */
    public String id() {
      return id;
    }

    /**
     * Who is meant by a name in files.
     *
     * @throws IllegalArgumentException for a name this Fret does not know
     */
    public static By ofId(String id) {
      return Arrays.stream(values())
          .filter(b -> b.id.equals(id))
          .findFirst()
          .orElseThrow(() -> new IllegalArgumentException("nobody is called '" + id + "'"));
    }
  }

  /**
   * A place in a video.
   *
   * @param file the file's name or path, as the player gave it
   * @param seconds from its beginning, in s
   */
  public record VideoPlace(String file, int seconds) {
    /**
     * @throws IllegalArgumentException when it is no place, with a sentence
     */
    public VideoPlace {
      if (file.isBlank() || seconds < 0) {
        throw new IllegalArgumentException("A place in a video has a file and a time.");
      }
    }

    /** Its time as on a player, such as {@code 12:34} or {@code 1:02:03}. */
    public String time() {
      int hours = seconds / 3600;
      int minutes = seconds / 60 % 60;
      String rest = String.format("%02d", seconds % 60);
      return hours > 0
          ? hours + ":" + String.format("%02d", minutes) + ":" + rest
          : minutes + ":" + rest;
    }

    /**
     * Reads a time such as {@code 12:34}.
     *
     * @throws IllegalArgumentException when it is none, with a sentence
     */
    public static int seconds(String time) {
      String[] parts = time.strip().split(":");
      boolean isTime =
          parts.length >= 2
              && parts.length <= 3
              && Arrays.stream(parts).allMatch(p -> p.matches("\\d{1,3}"));
      if (!isTime) {
        throw new IllegalArgumentException("Write the time in the video as 12:34.");
      }
      return Arrays.stream(parts).mapToInt(Integer::parseInt).reduce(0, (sum, p) -> 60 * sum + p);
    }
  }

  /**
   * @throws IllegalArgumentException when nothing is said, with a sentence
   */
  public PassageNote {
    if (words.isBlank()) {
      throw new IllegalArgumentException("Write what was said.");
    }
    if (words.length() > MOST_WORDS) {
      throw new IllegalArgumentException("A note has at most " + MOST_WORDS + " characters.");
    }
  }

  /** In one line, such as {@code jury, bar 7: lighter (lesson.mp4 at 12:34)}. */
  public String line() {
    return by.id
        + bar.map(b -> ", bar " + b).orElse("")
        + ": "
        + words
        + video.map(v -> " (" + v.file() + " at " + v.time() + ")").orElse("");
  }
}
