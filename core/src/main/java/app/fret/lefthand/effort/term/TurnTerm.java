package app.fret.lefthand.effort.term;

import app.fret.lefthand.moment.Moment;

/** An effort of one move after another: going somewhere and coming back. */
public non-sealed interface TurnTerm extends EffortTerm {
  /**
   * The effort before weighting; finite, zero where the rule is silent.
   *
   * @param moment the moment of the note arrived at
   * @param before the move into the note before; of its travel a term may look only at the
   *     direction and at whether it equals that of the move now
   * @param now the move out of it
   */
  double effort(Moment moment, Trail before, Turn now);

  /** The reason in plain words, where the rule speaks. */
  String reason(Moment moment, Trail before, Turn now);
}
