package app.fret.instrument;

import app.fret.score.Finger;
import java.util.List;
import java.util.Map;

/**
 * A shape of the hand: how far above the base each finger may stand.
 *
 * @param name name of the shape, such as {@code neck} or {@code thumb}
 * @param lowestBase lowest base it is used from, in semitones above the open string
 * @param highestBase highest base it is used from
 * @param reaches offsets of each finger in semitones above the base, ordinary ones first
 */
public record HandFrame(
    String name, int lowestBase, int highestBase, Map<Finger, List<Reach>> reaches) {

  /**
   * One place a finger may take.
   *
   * @param offset semitones above the base, negative when drawn back
   * @param use when it may be taken
   */
  public record Reach(int offset, Use use) {}

  /** When an offset is taken. */
  public enum Use {
    /** The hand at rest. */
    ORDINARY,
    /** Out of the hand at rest; costs by its millimetres. */
    EXTENDED,
    /** Only when another finger holds a note at the same time. */
    DOUBLE_STOP
  }

  public HandFrame {
    reaches = Map.copyOf(reaches);
    if (lowestBase < 1 || highestBase < lowestBase) {
      throw new IllegalArgumentException(
          "frame " + name + " from base " + lowestBase + " to " + highestBase);
    }
  }

  /** The places this finger may take; empty when the shape does not use it. */
  public List<Reach> of(Finger finger) {
    return reaches.getOrDefault(finger, List.of());
  }
}
