package app.fret.lefthand.figure;

import java.util.List;

/**
 * A pedal figure: what is assumed of some notes, and may prove dearer than to forget it.
 *
 * @param first its first note
 * @param strings the string of each of its notes, 1 the highest
 */
public record PedalFigure(int first, List<Integer> strings) {
  public PedalFigure {
    strings = List.copyOf(strings);
  }

  /** How many notes it has. */
  public int size() {
    return strings.size();
  }
}
