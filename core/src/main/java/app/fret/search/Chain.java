package app.fret.search;

/**
 * Layers of choices with the weighed moves between each two neighbours.
 *
 * <p>Immutable by agreement: its arrays are handed out as they are, since a search reads them a
 * thousand times a layer, and nobody writes to them.
 */
public final class Chain {
  private static final int[] START = {0};
  private static final double[][] NO_TURN_COSTS = {{0, 0}};

  private final int[] sizes;
  private final Link[] links;

  /**
   * The moves into a layer.
   *
   * @param moves which there are
   * @param efforts effort of each move
   * @param turnEfforts effort of each turn after each trail: by turn number, then by trail number;
   *     the last figure of each row is at most the least of them
   */
  public record Link(Moves moves, double[] efforts, double[][] turnEfforts) {}

  /** Weighs the move from a choice of the layer before to one of this layer. */
  @FunctionalInterface
  public interface MoveEffort {
    /** The effort, infinite for a move that cannot be made. */
    double effort(int layer, int from, int to);
  }

  /**
   * A chain.
   *
   * @param sizes number of choices of each layer
   * @param links the moves into each layer; the first is not looked at
   */
  public Chain(int[] sizes, Link[] links) {
    this.sizes = sizes.clone();
    this.links = links.clone();
  }

  /** A chain where what a move costs does not depend on the move before. */
  public static Chain of(int[] sizes, MoveEffort weigher) {
    Link[] links = new Link[sizes.length];
    for (int layer = 1; layer < sizes.length; layer++) {
      Moves.Builder builder = new Moves.Builder(sizes[layer - 1], sizes[layer]);
      for (int from = 0; from < sizes[layer - 1]; from++) {
        builder.addSource(new int[sizes[layer]]);
      }
      Moves moves = builder.build(turn -> 0);
      double[] efforts = new double[moves.count()];
      for (int from = 0; from < sizes[layer - 1]; from++) {
        for (int move = moves.firstFrom(from); move < moves.endFrom(from); move++) {
          efforts[move] = weigher.effort(layer, from, moves.target(move));
        }
      }
      links[layer] = new Link(moves, efforts, NO_TURN_COSTS);
    }
    return new Chain(sizes, links);
  }

  /** Number of layers. */
  public int layers() {
    return sizes.length;
  }

  /** Number of choices of a layer. */
  public int size(int layer) {
    return sizes[layer];
  }

  /** The moves into a layer, which is not the first. */
  public Link into(int layer) {
    return links[layer];
  }

  /** Numbers of the trails by which a layer is entered. */
  public int[] trailsInto(int layer) {
    return layer == 0 ? START : links[layer].moves().trails();
  }
}
