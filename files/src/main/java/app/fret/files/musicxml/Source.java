package app.fret.files.musicxml;

import app.fret.files.PlainWords;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * An element as one reading sees it: whatever is asked for counts as taken, so that what nobody
 * asked for can be listed afterwards.
 *
 * @param element the element
 * @param taken numbers of the elements that this reading has taken so far
 */
record Source(XmlElement element, BitSet taken) {
  private static final Pattern WHOLE_NUMBER = Pattern.compile("[+-]?\\d{1,9}");

  /** A number with at most nine figures on either side of its point. */
  private static final Pattern NUMBER = Pattern.compile("[+-]?\\d{1,9}(\\.\\d{0,9})?|\\.\\d{1,9}");

  String name() {
    return element.name();
  }

  private Source take(XmlElement child) {
    taken.set(child.number());
    return new Source(child, taken);
  }

  /** The first child of this name. */
  Optional<Source> child(String wanted) {
    return element.child(wanted).map(this::take);
  }

  /** All children of this name, in order. */
  List<Source> children(String wanted) {
    return children(wanted, element.children().stream());
  }

  private List<Source> children(String wanted, Stream<XmlElement> all) {
    return all.filter(c -> c.name().equals(wanted)).map(this::take).toList();
  }

  /** Every child without taking it; {@link #took} takes one. */
  List<Source> each() {
    return element.children().stream().map(c -> new Source(c, taken)).toList();
  }

  /** Takes this element itself. */
  Source took() {
    return take(element);
  }

  /** Whether there is such a child. */
  boolean has(String wanted) {
    return child(wanted).isPresent();
  }

  /** Takes this element and all it holds: it is read, or named as a whole in the list. */
  void takeAll() {
    taken.set(element.number());
    each().forEach(Source::takeAll);
  }

  Optional<String> attribute(String wanted) {
    return element.attribute(wanted);
  }

  /** Whether an attribute has this value. */
  boolean is(String attribute, String value) {
    return attribute(attribute).map(String::strip).filter(value::equals).isPresent();
  }

  /** A small number that tells overlapping spans apart; 1 where it is missing or is none. */
  int spanNumber() {
    return attribute("number")
        .map(String::strip)
        .filter(n -> WHOLE_NUMBER.matcher(n).matches())
        .map(Integer::valueOf)
        .orElse(1);
  }

  /** Its text without white space at the ends. */
  String text() {
    return element.text().strip();
  }

  /** Its text as words for a page: cleaned of what has no look. */
  String words() {
    return PlainWords.clean(element.text());
  }

  /** Text of a child, empty when there is no such child or it says nothing. */
  Optional<String> textOf(String child) {
    return child(child).map(Source::text).filter(t -> !t.isEmpty());
  }

  /**
   * The whole number a child holds.
   *
   * @throws IllegalArgumentException when it holds something else
   */
  OptionalInt wholeNumberOf(String child) {
    Optional<String> text = textOf(child);
    return text.isEmpty() ? OptionalInt.empty() : OptionalInt.of(wholeNumber(child, text.get()));
  }

  private static int wholeNumber(String what, String text) {
    if (!WHOLE_NUMBER.matcher(text).matches()) {
      BigDecimal number = number(what, text).stripTrailingZeros();
      if (number.scale() > 0) {
        throw notA("whole number", what, text);
      }
      return number.intValueExact();
    }
    return new BigInteger(text.startsWith("+") ? text.substring(1) : text).intValueExact();
  }

  /** The number this element itself holds. */
  BigDecimal number() {
    return number(name(), text());
  }

  /**
   * A number as a file writes it.
   *
   * @param what name of the element, for the message
   * @throws IllegalArgumentException when it is none, or has more than nine figures
   */
  static BigDecimal number(String what, String text) {
    if (!NUMBER.matcher(text).matches()) {
      throw notA("number of at most nine figures", what, text);
    }
    return new BigDecimal(text);
  }

  private static IllegalArgumentException notA(String wanted, String what, String text) {
    return new IllegalArgumentException(
        "its "
            + what.replace('-', ' ')
            + " is '"
            + PlainWords.quoted(text)
            + "', which is no "
            + wanted
            + "; correct it in your notation program");
  }
}
