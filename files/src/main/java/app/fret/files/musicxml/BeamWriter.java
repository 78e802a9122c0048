package app.fret.files.musicxml;

import app.fret.engraving.BeamGroups;
import app.fret.score.Event;
import app.fret.score.Passage;
import app.fret.score.Span;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.xml.stream.XMLStreamException;

/**
 * Writes the beams of a passage, grouped as Fret draws them, so that other programs do likewise.
 */
final class BeamWriter {
  private final List<Event> events;
  private final Map<Integer, Span> groupOf = new HashMap<>();

  BeamWriter(Passage passage) {
    this.events = passage.events();
    for (Span group : BeamGroups.of(passage)) {
      for (int event = group.first(); event <= group.last(); event++) {
        groupOf.put(event, group);
      }
    }
  }

  /** Writes the beams at an event, the primary first; none where it stands alone. */
  void write(int event, XmlOut xml) throws XMLStreamException {
    Span group = groupOf.get(event);
    if (group == null) {
      return;
    }
    for (int level = 1; level <= flags(event); level++) {
      xml.leaf("beam", value(group, event, level), "number", String.valueOf(level));
    }
  }

  private int flags(int event) {
    return events.get(event).written().value().flags();
  }

  private String value(Span group, int event, int level) {
    boolean before = event > group.first() && flags(event - 1) >= level;
    boolean after = event < group.last() && flags(event + 1) >= level;
    if (before && after) {
      return "continue";
    }
    if (before) {
      return "end";
    }
    if (after) {
      return "begin";
    }
    return event == group.first() ? "forward hook" : "backward hook";
  }
}
