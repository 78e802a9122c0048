package app.fret.lefthand.effort.term;

/**
 * A move as the note before last sees it.
 *
 * @param trail what will be remembered of it
 * @param intoString string it goes to, 0 for a chord that is left out
 * @param overOpen whether the note it leaves is an open string
 * @param fingerStays whether a finger that stood where this note is taken could have stayed there
 *     during the note it leaves
 * @param weakPair whether it goes from one finger of a weak pair to the other
 */
public record Turn(
    Trail trail, int intoString, boolean overOpen, boolean fingerStays, boolean weakPair) {
  /** Around a chord that is left out. */
  public static final Turn NONE = new Turn(Trail.NONE, 0, false, false, false);

  /** Whether a chord that no hand can hold stands at either end, so that nothing can be said. */
  public boolean touchesLeftOut() {
    return intoString == 0 || fromString() == 0;
  }

  /** String the move leaves. */
  public int fromString() {
    return trail.fromString();
  }
}
