package app.fret.files.musicxml;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * An element of a parsed file: its name, attributes, children and text. Complete and unchanging
 * once the file is parsed; which elements a reader took is noted outside, in {@link Source}.
 */
final class XmlElement {
  /** Begins the name of an element that belongs to another format; no reader asks for one. */
  static final String FOREIGN = "foreign:";

  private final String name;
  private final int number;
  private final Map<String, String> attributes;
  private final StringBuilder text = new StringBuilder();
  private List<XmlElement> children = List.of();

  /**
   * A new element without children.
   *
   * @param number its place in the file, from 0
   */
  XmlElement(String name, int number, Map<String, String> attributes) {
    this.name = name;
    this.number = number;
    this.attributes = attributes.isEmpty() ? Map.of() : new HashMap<>(attributes);
  }

  void add(XmlElement child) {
    if (children.isEmpty()) {
      children = new ArrayList<>(2);
    }
    children.add(child);
  }

  void add(char[] characters, int start, int length) {
    text.append(characters, start, length);
  }

  String name() {
    return name;
  }

  int number() {
    return number;
  }

  List<XmlElement> children() {
    return children;
  }

  Optional<XmlElement> child(String wanted) {
    return children.stream().filter(c -> c.name.equals(wanted)).findFirst();
  }

  Optional<String> attribute(String wanted) {
    return Optional.ofNullable(attributes.get(wanted));
  }

  /** Its own text, not that of its children. */
  String text() {
    return text.toString();
  }
}
