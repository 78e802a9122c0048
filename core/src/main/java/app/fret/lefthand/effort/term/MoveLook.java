package app.fret.lefthand.effort.term;

/**
 * What of two placements a move term looks at. Most look at less than all, and placements alike in
 * it share what was weighed: a page knows far fewer pairs of stops, and of hands, than of
 * placements.
 */
public enum MoveLook {
  /**
   * The stops of both, whether a hand is used and in which region, whether it goes up, down or
   * stays, and whether it crawls.
   */
  FINGERS,
  /**
   * Where the hands stand and in which shape, whether they are used and only touch, and whether the
   * hand crawls; a term of this kind may not be silent for a string's sake.
   */
  HANDS,
  /** Anything of both. */
  ALL
}
