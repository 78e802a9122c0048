package app.fret.shape;

import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The low line of a page of figures: the lowest note of each beat, where the others of its beat lie
 * well above it (common practice, no source).
 */
final class LowLine {
  /** Half steps by which the others lie higher on average. */
  private static final double WELL_ABOVE = 5;

  private static final int FEWEST_OF_BEAT = 3;
  private static final int FEWEST_OF_LINE = 3;

  private LowLine() {}

  /** The notes of the line with their height in it, 0 for its lowest to 1 for its highest. */
  static Map<Integer, Double> of(Reading reading) {
    List<PlayedNote> line = new ArrayList<>();
    List<PlayedNote> beat = new ArrayList<>();
    for (PlayedNote note : reading.notes()) {
      if (reading.beats().begins(note.number())) {
        add(beat, line);
        beat.clear();
      }
      if (!note.isGrace()) {
        beat.add(note);
      }
    }
    add(beat, line);
    Map<Integer, Double> heights = new LinkedHashMap<>();
    if (line.size() >= FEWEST_OF_LINE) {
      int lowest = line.stream().mapToInt(LowLine::low).min().orElseThrow();
      int highest = line.stream().mapToInt(LowLine::low).max().orElseThrow();
      for (PlayedNote note : line) {
        double range = highest - lowest;
        heights.put(note.number(), range == 0 ? 0 : (low(note) - lowest) / range);
      }
    }
    return heights;
  }

  private static void add(List<PlayedNote> beat, List<PlayedNote> line) {
    if (beat.size() < FEWEST_OF_BEAT) {
      return;
    }
    PlayedNote lowest = beat.get(0);
    for (PlayedNote note : beat) {
      lowest = low(note) < low(lowest) ? note : lowest;
    }
    PlayedNote found = lowest;
    double above =
        beat.stream()
            .filter(n -> n != found)
            .mapToInt(n -> low(n) - low(found))
            .average()
            .orElse(0);
    if (above >= WELL_ABOVE) {
      line.add(found);
    }
  }

  private static int low(PlayedNote note) {
    return note.notes().get(0).written().semitone();
  }
}
