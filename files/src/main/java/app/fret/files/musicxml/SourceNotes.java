package app.fret.files.musicxml;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/**
 * The note elements of a part as they stand in a file, each with its place. Found by their times
 * alone, so that a note is told from others whatever else the file says of it.
 */
final class SourceNotes {
  /**
   * A note element and where it stands.
   *
   * @param measure number of its measure, from 0
   * @param within time from the measure's start, in whole notes
   * @param grace whether it is a grace note
   * @param pitch step, alteration and octave, such as {@code F14}; empty for a rest
   * @param element the element
   */
  record Placed(int measure, Fraction within, boolean grace, String pitch, Element element) {}

  private final List<Placed> notes = new ArrayList<>();
  private Fraction divisionsPerQuarter = Fraction.ONE;
  private Fraction cursor = Fraction.ZERO;
  private Fraction lastOnset = Fraction.ZERO;

  private SourceNotes() {}

  /** All pitched notes and rests of a part, in the order of the file. */
  static List<Placed> of(Element part) {
    SourceNotes found = new SourceNotes();
    List<Element> measures = children(part, "measure");
    for (int measure = 0; measure < measures.size(); measure++) {
      found.readMeasure(measures.get(measure), measure);
    }
    return found.notes;
  }

  /** The elements of this name right inside another. */
  static List<Element> children(Element parent, String name) {
    List<Element> children = new ArrayList<>();
    for (Node node = parent.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element element && element.getTagName().equals(name)) {
        children.add(element);
      }
    }
    return children;
  }

  private void readMeasure(Element measure, int number) {
    cursor = Fraction.ZERO;
    lastOnset = Fraction.ZERO;
    for (Node node = measure.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element element) {
        read(element, number);
      }
    }
  }

  private void read(Element element, int measure) {
    switch (element.getTagName()) {
      case "attributes" ->
          text(element, "divisions").ifPresent(d -> divisionsPerQuarter = number(d));
      case "backup" -> cursor = cursor.subtract(duration(element));
      case "forward" -> cursor = cursor.add(duration(element));
      case "note" -> readNote(element, measure);
      default -> {
        // It takes no time.
      }
    }
  }

  private void readNote(Element note, int measure) {
    boolean chord = !children(note, "chord").isEmpty();
    boolean grace = !children(note, "grace").isEmpty();
    boolean cue = !children(note, "cue").isEmpty();
    Fraction onset = chord ? lastOnset : cursor;
    if (!cue) {
      children(note, "pitch")
          .forEach(p -> notes.add(new Placed(measure, onset, grace, pitch(p), note)));
      children(note, "rest").forEach(r -> notes.add(new Placed(measure, onset, grace, "", note)));
    }
    if (!chord && !grace) {
      lastOnset = onset;
      cursor = cursor.add(duration(note));
    } else if (!chord) {
      lastOnset = onset;
    }
  }

  private static String pitch(Element pitch) {
    return text(pitch, "step").orElse("")
        + text(pitch, "alter").map(a -> number(a).intValue()).orElse(0)
        + text(pitch, "octave").orElse("");
  }

  private Fraction duration(Element timed) {
    Fraction divisions = text(timed, "duration").map(SourceNotes::number).orElse(Fraction.ZERO);
    return divisions.divide(divisionsPerQuarter).multiply(Fraction.of(1, 4));
  }

  private static Optional<String> text(Element parent, String name) {
    return children(parent, name).stream().findFirst().map(e -> e.getTextContent().strip());
  }

  private static Fraction number(String text) {
    return Fraction.from(Double.parseDouble(text), 1e-6, 100);
  }
}
