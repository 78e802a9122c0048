package app.fret.time;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What a passage is prepared for. Each changes named defaults and says which (common practice). */
public enum Occasion {
  AUDITION("live audition"),
  RECORDING("recording"),
  SECTION("playing in the section"),
  CONCERT("concert");

  private final String words;

  Occasion(String words) {
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
   * The occasion of this name.
   *
   * @throws IllegalArgumentException naming those there are
   */
  public static Occasion named(String id) {
    for (Occasion occasion : values()) {
      if (occasion.id().equals(id)) {
        return occasion;
      }
    }
    throw new IllegalArgumentException(
        "there is no occasion '" + id + "'; they are audition, recording, section, concert");
  }

  /** Whether it is played a metronome step below the target. */
  public boolean isStepBelow() {
    return this == AUDITION;
  }

  /** Whether long rests are waited through and so must be counted. */
  public boolean countsLongRests() {
    return this != RECORDING;
  }

  /** What it changes, a sentence each; the first of all changes nothing but the tempo. */
  public List<String> changes() {
    List<String> changes = new ArrayList<>();
    changes.add(
        isStepBelow()
            ? "Played a metronome step below the target, unless the tempo is prescribed or slow."
            : "Played at the target itself.");
    switch (this) {
      case AUDITION -> changes.add("Soft passages do not sink below their mark, however far back.");
      case SECTION ->
          changes.add("Swells between the marks are smaller: a section breathes together.");
      default -> {
        // A recording and a concert are shaped alike.
      }
    }
    if (!countsLongRests()) {
      changes.add("Long rests are not among the places to look at: they are cut.");
    }
    return changes;
  }
}
