package app.fret.bow.stroke;

import app.fret.brief.Brief;

/**
 * What the string asks of the bow beside the level of the shape (common practice, no source): a
 * note that a phrase leads to needs more on a lower string, and a line that crosses onto the top
 * string less.
 */
public final class StringLevels {
  private static final double GOAL_ON_LOWER = 0.4;
  private static final double ONTO_TOP = -0.3;

  private StringLevels() {}

  /**
   * Levels to add for a note: above 0 for more.
   *
   * @param topString the string that carries it, 1 the highest
   * @param topBefore the string that carries the note before
   */
  public static double of(Brief brief, int note, int topString, int topBefore) {
    int count = brief.player().instrument().stringCount();
    boolean low = topString > (count + 1) / 2;
    boolean goal = brief.levels().isPeak(note);
    if (goal && low) {
      return GOAL_ON_LOWER;
    }
    return topString == 1 && topBefore > 1 && !goal ? ONTO_TOP : 0;
  }
}
