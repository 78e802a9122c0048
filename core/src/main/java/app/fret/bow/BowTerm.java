package app.fret.bow;

/** One reason why a stroke is better drawn one way than another. Effort 1: a coach would remark. */
interface BowTerm {
  /** Name of the term, as in the table of weights. */
  String name();

  /** What of a way it looks at; ways alike in that share what was said. */
  Look look();

  /**
   * Effort of drawing a stroke so, 0 when it has nothing to say, before its weight in the school.
   *
   * @param demand what the stroke asks for
   * @param way how it is drawn; only what {@link #look()} names is looked at
   */
  double effort(Demand demand, Way way);

  /** Why, in plain words. */
  String reason(Demand demand, Way way);

  /** What of a way a term looks at. */
  enum Look {
    /** How much bow. */
    AMOUNT,
    /** Where its middle lies. */
    MIDDLE,
    /** Direction and where it starts. */
    START,
    /** Direction and where it ends. */
    END
  }
}
