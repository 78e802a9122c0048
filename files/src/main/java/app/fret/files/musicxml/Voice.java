package app.fret.files.musicxml;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The voice of a part that is read.
 *
 * @param name its name in the file
 * @param staff the staff it stands on most, 1 when the part has one staff only
 */
record Voice(String name, int staff) {
  private static final String UNNAMED = "1";

  /** The voice with the most pitched notes, the first of equals. */
  static Voice fullest(XmlElement part) {
    Map<String, Integer> counts = new LinkedHashMap<>();
    notes(part)
        .filter(n -> n.child("pitch").isPresent())
        .forEach(n -> counts.merge(nameOf(n), 1, Integer::sum));
    String fullest = UNNAMED;
    int most = 0;
    for (Map.Entry<String, Integer> entry : counts.entrySet()) {
      if (entry.getValue() > most) {
        fullest = entry.getKey();
        most = entry.getValue();
      }
    }
    return new Voice(fullest, staffOf(part, fullest));
  }

  private static Stream<XmlElement> notes(XmlElement part) {
    return part.children().stream()
        .filter(m -> m.name().equals("measure"))
        .flatMap(m -> m.children().stream())
        .filter(c -> c.name().equals("note"));
  }

  private static int staffOf(XmlElement part, String voice) {
    Map<String, Integer> counts = new HashMap<>();
    notes(part)
        .filter(n -> nameOf(n).equals(voice))
        .flatMap(n -> n.child("staff").stream())
        .forEach(s -> counts.merge(s.text().strip(), 1, Integer::sum));
    return counts.entrySet().stream()
        .filter(e -> e.getKey().matches("\\d{1,3}"))
        .max(Map.Entry.comparingByValue())
        .map(e -> Integer.valueOf(e.getKey()))
        .orElse(1);
  }

  /** Name of the voice a note belongs to. */
  static String nameOf(XmlElement note) {
    return note.child("voice").map(v -> v.text().strip()).filter(v -> !v.isEmpty()).orElse(UNNAMED);
  }

  boolean holds(Source note) {
    return nameOf(note.element()).equals(name);
  }
}
