package app.fret.instrument;

import app.fret.score.Finger;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A shape of the hand: how far above the base each finger may stand.
 *
 * @param name name of the shape, such as {@code closed} or {@code thumb-major}
 * @param region whether the thumb lies on the strings
 * @param anchor semitones from the base to where the hand as a whole stands, which is what travels
 *     in a shift: shapes that open the hand on the spot share it
 * @param lowestBase lowest base it is used from, in semitones above the open string
 * @param highestBase highest base it is used from
 * @param reaches offsets of each finger in semitones above the base, ordinary ones first
 */
public record HandFrame(
    String name,
    Region region,
    int anchor,
    int lowestBase,
    int highestBase,
    Map<Finger, List<Reach>> reaches) {

  /** Where the thumb is. */
  public enum Region {
    /** Behind the neck or at its heel; the base is the first finger's place. */
    NECK,
    /** On the strings; the base is the thumb's place. */
    THUMB
  }

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
    /** So far out that players are warned of it. */
    CAUTION,
    /** The hand leans over on its thumb: for a single note, out of reach of the others. */
    PIVOT,
    /** Only when another finger holds a note at the same time. */
    DOUBLE_STOP
  }

  public HandFrame {
    // In order of the fingers, so that plans repeat.
    reaches = Collections.unmodifiableMap(new TreeMap<>(reaches));
    if (highestBase < lowestBase) {
      throw new IllegalArgumentException(
          "frame " + name + " from base " + lowestBase + " to " + highestBase);
    }
  }

  /** The lowest finger of the shape, the one that stands on the base. */
  public Finger baseFinger() {
    return region == Region.THUMB ? Finger.THUMB : Finger.FIRST;
  }

  /** The places this finger may take; empty when the shape does not use it. */
  public List<Reach> of(Finger finger) {
    return reaches.getOrDefault(finger, List.of());
  }
}
