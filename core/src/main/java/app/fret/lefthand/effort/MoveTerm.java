package app.fret.lefthand.effort;

import app.fret.lefthand.hand.Placement;

/** An effort of getting from one placement to the next. */
public non-sealed interface MoveTerm extends EffortTerm {
  /**
   * The effort before weighting; finite, zero where the rule is silent.
   *
   * @param moment the moment of the note arrived at
   */
  double effort(Moment moment, Placement from, Placement to);

  /** The reason in plain words, for a move where the rule speaks. */
  String reason(Moment moment, Placement from, Placement to);
}
