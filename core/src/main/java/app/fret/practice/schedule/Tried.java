package app.fret.practice.schedule;

/**
 * Two ways of a spot that are being tried.
 *
 * @param words where and which
 * @param seconds how long the bars around the spot take at the target
 */
public record Tried(String words, double seconds) {
  public Tried {
    if (seconds <= 0) {
      throw new IllegalArgumentException("bars that are tried take time");
    }
  }
}
