package app.fret.search;

/**
 * A path where it is another than the best.
 *
 * @param first first layer on which they differ; behind the layer asked for where they do not
 * @param choices what is taken from there on, as long as they differ
 */
public record Detour(int first, int[] choices) {
  /** A path with the detour taken. */
  public int[] on(int[] path) {
    int[] other = path.clone();
    System.arraycopy(choices, 0, other, first, choices.length);
    return other;
  }

  /** First layer from which on they are alike again. */
  public int end() {
    return first + choices.length;
  }
}
