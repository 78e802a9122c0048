package app.fret.practice.schedule;

import app.fret.reading.Material;
import java.util.HashMap;
import java.util.Map;

/**
 * Which items of a programme are of the same material: equal, transposed or moved by octaves. What
 * is practised of one is practised of the other as far as it is the same; only the rest is new
 * work.
 *
 * @param shares by the id of an item, share of its notes by the id of another that has them too
 */
public record Kinships(Map<String, Map<String, Double>> shares) {
  /** Every item is of its own material. */
  public static final Kinships NONE = new Kinships(Map.of());

  public Kinships {
    shares = Map.copyOf(shares);
  }

  /** Those of some passages, by their ids; what shares less than the table says is no kin. */
  public static Kinships of(Map<String, Material> materials) {
    Map<String, Map<String, Double>> shares = new HashMap<>();
    materials.forEach(
        (id, material) ->
            materials.forEach(
                (other, there) -> {
                  double share = material.shareIn(there);
                  if (!id.equals(other) && share >= Model.figure("kin.from")) {
                    shares.computeIfAbsent(id, k -> new HashMap<>()).put(other, share);
                  }
                }));
    return new Kinships(shares);
  }

  /** Share of an item's notes that another has too, 0 where they are no kin. */
  public double share(String item, String in) {
    return shares.getOrDefault(item, Map.of()).getOrDefault(in, 0.0);
  }

  /** Whether practising another is practising the item, but for little. */
  boolean isCovered(String item, String by) {
    return share(item, by) >= Model.figure("kin.covered-from");
  }

  /** Whether a clean pass of another is one of the item. */
  boolean isSame(String item, String other) {
    return share(item, other) >= Model.figure("kin.same-from");
  }
}
