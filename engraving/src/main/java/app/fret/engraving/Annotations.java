package app.fret.engraving;

import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What stands over the staff besides what the passage itself says.
 *
 * @param brackets positions of the hand
 * @param cautions indexes of events at which a player should take care
 * @param beside by index of an event: words that stand over it one above the other
 */
public record Annotations(
    List<Bracket> brackets, Set<Integer> cautions, Map<Integer, List<String>> beside) {
  /** Nothing more. */
  public static final Annotations NONE = new Annotations(List.of(), Set.of(), Map.of());

  /** Brackets and cautions alone. */
  public Annotations(List<Bracket> brackets, Set<Integer> cautions) {
    this(brackets, cautions, Map.of());
  }

  public Annotations {
    brackets = List.copyOf(brackets);
    cautions = Set.copyOf(cautions);
    beside = Map.copyOf(beside);
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
