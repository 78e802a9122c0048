package app.fret.sound;

import java.util.Arrays;

/** What the click gives. */
public enum ClickKind {
  BEAT("beat", "beats"),
  HALVES("2", "halves of the beat"),
  THIRDS("3", "thirds of the beat"),
  QUARTERS("4", "quarters of the beat"),
  GROUPED("grouped", "groups of the bar"),
  HALF("half", "every other beat"),
  THREE_AGAINST_TWO("3-against-2", "three against two"),
  RUNNING("running", "what the others run on"),
  NONE("none", "off");

  private final String id;
  private final String words;

  ClickKind(String id, String words) {
    this.id = id;
    this.words = words;
  }

  /** What it is called in files. */
  public String id() {
    return id;
  }

  /** What it is called on screen. */
  public String words() {
    return words;
  }

  /**
   * The kind of a name.
   *
   * @throws IllegalArgumentException naming those there are
   */
  public static ClickKind named(String id) {
    return Arrays.stream(values())
        .filter(k -> k.id.equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "'"
                        + id
                        + "' is no click; use "
                        + String.join(", ", Arrays.stream(values()).map(ClickKind::id).toList())));
  }
}
