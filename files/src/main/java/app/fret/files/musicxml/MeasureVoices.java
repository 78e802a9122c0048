package app.fret.files.musicxml;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Which voices sound in one measure on the staff that is read, and whether one can be laid upon
 * another as its double stops: where each of its notes begins and ends with notes of the other.
 *
 * <p>Counted in divisions of the file; what is heard beside it only, cues and other staves, is left
 * out.
 */
final class MeasureVoices {
  private final Map<String, List<Sound>> sounds = new LinkedHashMap<>();

  /** From when to when something of a voice sounds. */
  private record Sound(BigDecimal from, BigDecimal to) {}

  private MeasureVoices() {}

  static MeasureVoices of(XmlElement measure, int staff) {
    MeasureVoices voices = new MeasureVoices();
    BigDecimal cursor = BigDecimal.ZERO;
    BigDecimal chordFrom = cursor;
    for (XmlElement item : measure.children()) {
      BigDecimal duration = duration(item);
      switch (item.name()) {
        case "backup" -> cursor = cursor.subtract(duration);
        case "forward" -> cursor = cursor.add(duration);
        case "note" -> {
          boolean chord = item.child("chord").isPresent();
          BigDecimal from = chord ? chordFrom : cursor;
          voices.add(item, staff, from, from.add(duration));
          chordFrom = from;
          cursor = chord ? cursor : cursor.add(duration);
        }
        default -> {
          // Nothing that sounds.
        }
      }
    }
    return voices;
  }

  private static BigDecimal duration(XmlElement item) {
    Optional<String> text = item.child("duration").map(d -> d.text().strip());
    return text.filter(t -> t.matches("\\d{1,9}(\\.\\d{1,9})?"))
        .map(BigDecimal::new)
        .orElse(BigDecimal.ZERO);
  }

  private void add(XmlElement note, int staff, BigDecimal from, BigDecimal to) {
    boolean sounds =
        note.child("pitch").isPresent()
            && note.child("cue").isEmpty()
            && note.child("grace").isEmpty()
            && Voice.staffOf(note).orElse(staff) == staff;
    if (sounds && to.compareTo(from) > 0) {
      this.sounds
          .computeIfAbsent(Voice.nameOf(note), v -> new ArrayList<>())
          .add(new Sound(from, to));
    }
  }

  /**
   * The voice that is read here: the part's own where it sounds and all others can be laid upon it
   * or none can; else one that all others can be laid upon, as a melody over a held note; where the
   * part's own is silent the fullest of the others.
   */
  String base(String own) {
    if (sounds.isEmpty()) {
      return own;
    }
    if (!sounds.containsKey(own)) {
      return fullest();
    }
    return canBear(own)
        ? own
        : sounds.keySet().stream().filter(this::canBear).findFirst().orElse(own);
  }

  private String fullest() {
    String fullest = sounds.keySet().iterator().next();
    for (String voice : sounds.keySet()) {
      fullest = sounds.get(voice).size() > sounds.get(fullest).size() ? voice : fullest;
    }
    return fullest;
  }

  /** The voices that are laid upon the one that is read. */
  Set<String> upon(String base) {
    Set<String> upon = new HashSet<>(sounds.keySet());
    upon.remove(base);
    upon.removeIf(voice -> !fits(voice, base));
    return upon;
  }

  private boolean canBear(String base) {
    return sounds.keySet().stream().allMatch(voice -> voice.equals(base) || fits(voice, base));
  }

  private boolean fits(String voice, String base) {
    Set<BigDecimal> moments = new TreeSet<>(); // equal however many zeros stand behind the point
    for (Sound sound : sounds.getOrDefault(base, List.of())) {
      moments.add(sound.from());
      moments.add(sound.to());
    }
    return sounds.get(voice).stream()
        .allMatch(s -> moments.contains(s.from()) && moments.contains(s.to()));
  }
}
