package app.fret.lefthand.effort.term;

/**
 * What the hand remembers of the move that brought it here.
 *
 * @param fromString string it came from, 0 at the start
 * @param travel how the hand travelled, up positive: in mm, to the nearest 10, on instruments where
 *     equal travel counts, else only its direction as -1, 0 or 1
 */
public record Trail(int fromString, int travel) {
  /** Nothing to remember. */
  public static final Trail NONE = new Trail(0, 0);
}
