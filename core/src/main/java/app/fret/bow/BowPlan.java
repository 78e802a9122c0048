package app.fret.bow;

import java.util.List;

/**
 * The strokes of a passage.
 *
 * @param strokes in order, together holding every note once
 */
public record BowPlan(List<Stroke> strokes) {
  public BowPlan {
    strokes = List.copyOf(strokes);
  }

  /** The stroke that holds a note. */
  public Stroke strokeOf(int note) {
    return strokes.stream()
        .filter(s -> s.firstNote() <= note && note <= s.lastNote())
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no stroke holds note " + note));
  }
}
