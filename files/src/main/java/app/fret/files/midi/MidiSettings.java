package app.fret.files.midi;

import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How played notes are written down.
 *
 * @param parts into how many parts a quarter may be divided; empty for what the notes ask for
 * @param swing whether swung eighths are written as even ones
 * @param legato whether a short gap before the next note is taken for articulation, not for a rest
 */
public record MidiSettings(Set<Integer> parts, boolean swing, boolean legato) {
  /** The simplest notation within what the ear hears. */
  public static final MidiSettings USUAL = new MidiSettings(Set.of(), true, true);

  private static final Pattern VALUE = Pattern.compile("1/(4|8|16|32)(t?)");

  public MidiSettings {
    parts = Set.copyOf(parts);
  }

  /**
   * The same on a grid.
   *
   * @param text {@code auto}, or values such as {@code 1/16} or {@code 1/16,1/8t}: t for triplets
   * @throws IllegalArgumentException when it is none, with a sentence
   */
  public MidiSettings withGrid(String text) {
    Set<Integer> parts = new TreeSet<>();
    if (!text.equals("auto")) {
      for (String value : text.split(",")) {
        Matcher matcher = VALUE.matcher(value.strip());
        if (!matcher.matches()) {
          throw new IllegalArgumentException(
              "no grid '" + text + "'; use auto, or 1/4, 1/8, 1/16, 1/32 and with t for triplets");
        }
        int quarter = Integer.parseInt(matcher.group(1)) / 4;
        boolean triplets = !matcher.group(2).isEmpty();
        for (int part = 1; part <= quarter; part *= 2) {
          parts.add(part);
        }
        if (triplets) {
          parts.add(Math.max(3, quarter * 3 / 2));
        }
      }
    }
    return new MidiSettings(parts, swing, legato);
  }

  /** The same with swung eighths written as even ones, or as they are. */
  public MidiSettings withSwing(boolean even) {
    return new MidiSettings(parts, even, legato);
  }

  /** The same with short gaps taken for articulation, or for rests. */
  public MidiSettings withLegato(boolean articulated) {
    return new MidiSettings(parts, swing, articulated);
  }

  /** Whether a quarter may be divided so. */
  boolean allows(int divided) {
    return parts.isEmpty() || parts.contains(divided);
  }
}
