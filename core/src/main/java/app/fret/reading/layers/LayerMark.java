package app.fret.reading.layers;

import app.fret.score.BowDirection;
import app.fret.score.Finger;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What somebody wrote at a note head.
 *
 * @param finger finger, if any
 * @param string string, 1 the highest, if any
 * @param bow bow direction, if any
 * @param dynamic loudness mark, if any
 */
public record LayerMark(
    Optional<Finger> finger,
    OptionalInt string,
    Optional<BowDirection> bow,
    Optional<String> dynamic) {
  /** Nothing written. */
  public static final LayerMark NONE =
      new LayerMark(Optional.empty(), OptionalInt.empty(), Optional.empty(), Optional.empty());

  /** Whether nothing is written. */
  public boolean isEmpty() {
    return equals(NONE);
  }

  /** The form that {@link #parse} reads: {@code finger=2 string=3 bow=up dynamic=mf}. */
  @Override
  public String toString() {
    List<String> parts = new ArrayList<>();
    finger.ifPresent(f -> parts.add("finger=" + f.sign()));
    string.ifPresent(s -> parts.add("string=" + s));
    bow.ifPresent(b -> parts.add("bow=" + b.name().toLowerCase(Locale.ROOT)));
    dynamic.ifPresent(d -> parts.add("dynamic=" + d));
    return String.join(" ", parts);
  }

  /**
   * Reads the form that {@link #toString} writes.
   *
   * @throws IllegalArgumentException when it is none
   */
  public static LayerMark parse(String text) {
    LayerMark mark = NONE;
    for (String part : text.split(" ")) {
      int equal = part.indexOf('=');
      String value = part.substring(equal + 1);
      mark =
          switch (part.substring(0, Math.max(0, equal))) {
            case "finger" ->
                new LayerMark(
                    Optional.of(Finger.ofSign(value)), mark.string, mark.bow, mark.dynamic);
            case "string" ->
                new LayerMark(
                    mark.finger, OptionalInt.of(Integer.parseInt(value)), mark.bow, mark.dynamic);
            case "bow" ->
                new LayerMark(
                    mark.finger,
                    mark.string,
                    Optional.of(BowDirection.valueOf(value.toUpperCase(Locale.ROOT))),
                    mark.dynamic);
            case "dynamic" -> new LayerMark(mark.finger, mark.string, mark.bow, Optional.of(value));
            default -> throw new IllegalArgumentException("'" + part + "' is no mark at a note");
          };
    }
    return mark;
  }
}
