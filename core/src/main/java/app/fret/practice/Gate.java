package app.fret.practice;

/**
 * What opens a rung and what closes it again.
 *
 * @param cleanNeeded clean passes in a row that pass a rung, 1 to 10
 * @param isStrict whether the first miss goes back a rung, not the second in a row
 */
public record Gate(int cleanNeeded, boolean isStrict) {
  /** Three clean passes in a row; two misses in a row go back. */
  public static final Gate USUAL = new Gate(3, false);

  private static final int MOST_NEEDED = 10;
  private static final int MISSES_THAT_DROP = 2;

  public Gate {
    if (cleanNeeded < 1 || cleanNeeded > MOST_NEEDED) {
      throw new IllegalArgumentException(
          cleanNeeded + " clean passes; a rung needs 1 to " + MOST_NEEDED);
    }
  }

  /** Misses in a row that go back a rung. */
  int missesThatDrop() {
    return isStrict ? 1 : MISSES_THAT_DROP;
  }
}
