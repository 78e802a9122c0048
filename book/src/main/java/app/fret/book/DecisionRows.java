package app.fret.book;

import app.fret.lefthand.PinAt;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.reading.traps.ReadingChoices;
import app.fret.score.Finger;
import app.fret.score.NoteRef;
import app.fret.study.Choices;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Decisions as rows of text: an item of an area, and its value.
 *
 * <p>A pin stands under the place of its note, as {@code string=2 finger=3 harmonic=no base=5 any};
 * the profile and the player's own weights under their own names; a trap that was seen under its
 * kind and place.
 */
final class DecisionRows {
  /** The area of strings, fingers and positions. */
  static final String LEFT_HAND = "left-hand";

  /** The area of what was seen on the page. */
  static final String READING = "reading";

  /** Version of the form in which this program writes the area. */
  static final int VERSION = 1;

  static final String PROFILE = "profile";

  /** What the player's own choices multiply the profile's weights with. */
  static final String OWN_WEIGHTS = "own-weights";

  /** Before the first note of bars for which it was typed what the others run on. */
  static final String OTHERS = "others ";

  private DecisionRows() {}

  /** The rows of all decisions for the left hand. */
  static Map<String, String> of(Choices choices) {
    Map<String, String> rows = new LinkedHashMap<>(of(choices.pins()));
    rows.put(PROFILE, choices.profile().name());
    if (!choices.profile().own().isNone()) {
      rows.put(OWN_WEIGHTS, choices.profile().own().toString());
    }
    return rows;
  }

  /** The rows of what was seen on the page. */
  static Map<String, String> of(ReadingChoices reading) {
    Map<String, String> rows = new LinkedHashMap<>();
    reading.rows().forEach(trap -> rows.put(trap, "seen"));
    reading.running().forEach(r -> rows.put(OTHERS + r.from(), r.valueText()));
    return rows;
  }

  /** The rows of pins: one for each note head, as two may stand against each other on it. */
  static Map<String, String> of(List<PinAt> all) {
    Map<String, String> rows = new LinkedHashMap<>();
    Map<NoteRef, List<String>> pins = new LinkedHashMap<>();
    all.forEach(pin -> pins.computeIfAbsent(pin.at(), k -> new ArrayList<>()).add(value(pin)));
    pins.forEach((at, values) -> rows.put(at.toString(), String.join("; ", values)));
    return rows;
  }

  private static String value(PinAt pin) {
    List<String> parts = new ArrayList<>();
    pin.string().ifPresent(s -> parts.add("string=" + s));
    pin.finger().ifPresent(f -> parts.add("finger=" + f.sign()));
    pin.harmonic().ifPresent(h -> parts.add("harmonic=" + (h ? "yes" : "no")));
    pin.base().ifPresent(b -> parts.add("base=" + b));
    if (pin.anyOfChord()) {
      parts.add("any");
    }
    return String.join(" ", parts);
  }

  /**
   * Reads the pins of a row.
   *
   * @throws IllegalArgumentException when the row makes no sense
   */
  static List<PinAt> pins(String item, String value) {
    NoteRef at = NoteRef.parse(item);
    List<PinAt> pins = new ArrayList<>();
    for (String one : value.split("; ")) {
      pins.add(pin(at, one));
    }
    return pins;
  }

  private static PinAt pin(NoteRef at, String value) {
    OptionalInt string = OptionalInt.empty();
    Optional<Finger> finger = Optional.empty();
    Optional<Boolean> harmonic = Optional.empty();
    OptionalInt base = OptionalInt.empty();
    boolean any = false;
    for (String part : value.split(" ")) {
      String figure = part.substring(part.indexOf('=') + 1);
      switch (part.substring(0, part.length() - figure.length())) {
        case "string=" -> string = OptionalInt.of(Integer.parseInt(figure));
        case "finger=" -> finger = Optional.of(Finger.ofSign(figure));
        case "harmonic=" -> harmonic = Optional.of(isYes(figure));
        case "base=" -> base = OptionalInt.of(Integer.parseInt(figure));
        default -> any = isAny(part);
      }
    }
    return new PinAt(at, any, string, finger, harmonic, base);
  }

  private static boolean isYes(String figure) {
    if (!figure.matches("yes|no")) {
      throw new IllegalArgumentException("'" + figure + "' is neither yes nor no");
    }
    return figure.equals("yes");
  }

  private static boolean isAny(String part) {
    if (!part.equals("any")) {
      throw new IllegalArgumentException("'" + part + "' is no part of a pin");
    }
    return true;
  }

  /** The profile of this name; empty for one that this program does not know. */
  static Optional<Profile> profile(String name) {
    return Profiles.NAMES.contains(name) ? Optional.of(Profiles.named(name)) : Optional.empty();
  }
}
