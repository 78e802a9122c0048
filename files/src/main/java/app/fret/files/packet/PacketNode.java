package app.fret.files.packet;

import app.fret.files.CalendarDay;
import app.fret.files.PlainWords;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * An object of a packet's description whose fields are checked as they are read: each says its name
 * and what stands there when it is none that Fret could have written.
 */
final class PacketNode {
  private static final int MOST_WORDS = 4_000;

  private static final Instant FIRST = Instant.parse("1900-01-01T00:00:00Z");
  private static final Instant LAST = Instant.parse("2999-12-31T00:00:00Z");

  private final JsonNode node;

  PacketNode(JsonNode node) {
    this.node = node;
  }

  /** The object in a field, empty when there is none. */
  PacketNode object(String field) {
    return new PacketNode(node.path(field));
  }

  boolean has(String field) {
    return node.hasNonNull(field);
  }

  /** The objects in a field. */
  List<PacketNode> objects(String field) {
    List<PacketNode> all = new ArrayList<>();
    list(field).forEach(each -> all.add(new PacketNode(each)));
    return all;
  }

  /** The texts in a field, each as something. */
  <T> List<T> texts(String field, Function<String, T> as) {
    List<T> all = new ArrayList<>();
    for (JsonNode each : list(field)) {
      all.add(read(field, shortText(field, each), as));
    }
    return all;
  }

  private JsonNode list(String field) {
    JsonNode value = node.path(field);
    if (!value.isMissingNode() && !value.isArray()) {
      throw wrong(field, value, "no list");
    }
    return value;
  }

  /** A text that must be there. */
  String text(String field) {
    return optionalText(field)
        .orElseThrow(() -> new IllegalArgumentException("its field '" + field + "' is missing"));
  }

  Optional<String> optionalText(String field) {
    JsonNode value = node.path(field);
    return value.isMissingNode() || value.isNull()
        ? Optional.empty()
        : Optional.of(shortText(field, value));
  }

  private static String shortText(String field, JsonNode value) {
    if (!value.isTextual()) {
      throw wrong(field, value, "no text");
    }
    if (value.asText().length() > MOST_WORDS) {
      throw new IllegalArgumentException("its field '" + field + "' is longer than any of Fret's");
    }
    return value.asText();
  }

  /** A text that must be there, as something else. */
  <T> T as(String field, Function<String, T> as) {
    return read(field, text(field), as);
  }

  <T> Optional<T> optionalAs(String field, Function<String, T> as) {
    return optionalText(field).map(text -> read(field, text, as));
  }

  private static <T> T read(String field, String text, Function<String, T> as) {
    try {
      return as.apply(text);
    } catch (IllegalArgumentException | DateTimeException | ArithmeticException e) {
      throw new IllegalArgumentException(
          "its field '" + field + "' says '" + PlainWords.quoted(text) + "', which makes no sense",
          e);
    }
  }

  /** A day of a year that players live in. */
  static LocalDate day(String text) {
    return CalendarDay.of(text).orElseThrow(() -> new IllegalArgumentException(text));
  }

  /** A moment of a year that players live in. */
  static Instant moment(String text) {
    Instant moment = Instant.parse(text);
    if (moment.isBefore(FIRST) || moment.isAfter(LAST)) {
      throw new IllegalArgumentException("the moment " + moment);
    }
    return moment;
  }

  /** One of some names. */
  <E extends Enum<E>> E named(Class<E> kind, String field) {
    return as(field, name -> named(kind, field, name));
  }

  /** One of some names, or the usual where an older Fret said nothing. */
  <E extends Enum<E>> E namedOr(E usual, String field) {
    return optionalText(field)
        .map(name -> named(usual.getDeclaringClass(), field, name))
        .orElse(usual);
  }

  /** One of some names; another is one of a newer Fret. */
  static <E extends Enum<E>> E named(Class<E> kind, String field, String name) {
    return Arrays.stream(kind.getEnumConstants())
        .filter(e -> e.name().equals(name))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException(field + " " + name));
  }

  /** A number that must be there. */
  double number(String field, double least, double most) {
    return optionalNumber(field, least, most)
        .orElseThrow(() -> new IllegalArgumentException("its field '" + field + "' is missing"));
  }

  OptionalDouble optionalNumber(String field, double least, double most) {
    JsonNode value = node.path(field);
    if (value.isMissingNode() || value.isNull()) {
      return OptionalDouble.empty();
    }
    if (!value.isNumber() || !(value.asDouble() >= least && value.asDouble() <= most)) {
      throw wrong(field, value, "no number from " + plain(least) + " to " + plain(most));
    }
    return OptionalDouble.of(value.asDouble());
  }

  /** A whole number that must be there. */
  int whole(String field, int least, int most) {
    double number = number(field, least, most);
    if (number != Math.rint(number)) {
      throw wrong(field, node.path(field), "no whole number");
    }
    return (int) number;
  }

  int whole(String field, int least, int most, int usual) {
    return has(field) ? whole(field, least, most) : usual;
  }

  /** Whether something is so; not so where nothing is said. */
  boolean flag(String field) {
    return optionalFlag(field).orElse(false);
  }

  Optional<Boolean> optionalFlag(String field) {
    JsonNode value = node.path(field);
    if (value.isMissingNode() || value.isNull()) {
      return Optional.empty();
    }
    if (!value.isBoolean()) {
      throw wrong(field, value, "neither true nor false");
    }
    return Optional.of(value.asBoolean());
  }

  private static String plain(double number) {
    return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
  }

  private static IllegalArgumentException wrong(String field, JsonNode value, String what) {
    String said = value.isContainerNode() ? "a list or an object" : value.asText();
    return new IllegalArgumentException(
        "its field '" + field + "' says '" + PlainWords.quoted(said) + "', which is " + what);
  }
}
