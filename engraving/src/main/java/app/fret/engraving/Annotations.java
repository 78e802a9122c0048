package app.fret.engraving;

import java.util.List;
import java.util.Set;

/**
 * What stands over the staff besides what the passage itself says.
 *
 * @param brackets positions of the hand
 * @param cautions indexes of events at which a player should take care
 */
public record Annotations(List<Bracket> brackets, Set<Integer> cautions) {
  /** Nothing more. */
  public static final Annotations NONE = new Annotations(List.of(), Set.of());

  public Annotations {
    brackets = List.copyOf(brackets);
    cautions = Set.copyOf(cautions);
  }

  /**
   * A bracket over events.
   *
   * @param firstEvent index of its first event
   * @param lastEvent index of its last event
   * @param words short name at its start
   */
  public record Bracket(int firstEvent, int lastEvent, String words) {}
}
