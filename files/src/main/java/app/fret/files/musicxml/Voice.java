package app.fret.files.musicxml;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The voice of a part that is read.
 *
 * @param name its name in the file
 * @param staff the staff it stands on most, 1 when the part has one staff only
 */
record Voice(String name, int staff) {
  private static final String UNNAMED = "1";

  /**
   * The voice of a part that is read: of those on its main staves the one that sounds in most bars,
   * of equals the one with most notes, then the first. Cues are heard in other parts, and an ossia
   * staff shows another way.
   */
  static Voice main(XmlElement part) {
    Set<Integer> aside = stavesAside(part);
    Map<String, Integer> bars = new LinkedHashMap<>();
    Map<String, Integer> counts = new LinkedHashMap<>();
    for (XmlElement measure : measures(part)) {
      Set<String> here = new LinkedHashSet<>();
      for (XmlElement note : measure.children()) {
        if (isOwn(note, aside)) {
          here.add(nameOf(note));
          counts.merge(nameOf(note), 1, Integer::sum);
        }
      }
      here.forEach(voice -> bars.merge(voice, 1, Integer::sum));
    }
    String main = UNNAMED;
    for (String voice : bars.keySet()) {
      int more = Integer.compare(bars.get(voice), bars.getOrDefault(main, 0));
      boolean fuller = counts.get(voice) > counts.getOrDefault(main, 0);
      main = more > 0 || more == 0 && fuller ? voice : main;
    }
    return new Voice(main, staffOf(part, main, aside));
  }

  private static boolean isOwn(XmlElement note, Set<Integer> aside) {
    return note.name().equals("note")
        && note.child("pitch").isPresent()
        && note.child("cue").isEmpty()
        && !aside.contains(staffOf(note).orElse(1));
  }

  /** Staves that show another way, or what others play. */
  private static Set<Integer> stavesAside(XmlElement part) {
    Set<Integer> aside = new HashSet<>();
    for (XmlElement measure : measures(part)) {
      for (XmlElement attributes : measure.children()) {
        for (XmlElement details : attributes.children()) {
          String type = details.child("staff-type").map(t -> t.text().strip()).orElse("");
          if (details.name().equals("staff-details") && type.matches("ossia|cue|editorial")) {
            details
                .attribute("number")
                .filter(n -> n.matches("\\d{1,3}"))
                .ifPresent(n -> aside.add(Integer.valueOf(n)));
          }
        }
      }
    }
    return aside;
  }

  private static List<XmlElement> measures(XmlElement part) {
    return part.children().stream().filter(m -> m.name().equals("measure")).toList();
  }

  private static int staffOf(XmlElement part, String voice, Set<Integer> aside) {
    Map<Integer, Integer> counts = new HashMap<>();
    measures(part).stream()
        .flatMap(m -> m.children().stream())
        .filter(n -> isOwn(n, aside) && nameOf(n).equals(voice))
        .flatMap(n -> staffOf(n).stream())
        .forEach(s -> counts.merge(s, 1, Integer::sum));
    return counts.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse(1);
  }

  /** The staff a note stands on; empty where it is not said. */
  static Optional<Integer> staffOf(XmlElement note) {
    return note.child("staff")
        .map(s -> s.text().strip())
        .filter(s -> s.matches("\\d{1,3}"))
        .map(Integer::valueOf);
  }

  /** Name of the voice a note belongs to. */
  static String nameOf(XmlElement note) {
    return note.child("voice").map(v -> v.text().strip()).filter(v -> !v.isEmpty()).orElse(UNNAMED);
  }
}
