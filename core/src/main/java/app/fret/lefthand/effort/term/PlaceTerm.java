package app.fret.lefthand.effort.term;

import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;

/** An effort that a note costs by where it is taken, whatever came before. */
public non-sealed interface PlaceTerm extends EffortTerm {
  /** The effort before weighting; finite, zero where the rule is silent. */
  double effort(Moment moment, Placement at);

  /** The reason in plain words, for a placement where the rule speaks. */
  String reason(Moment moment, Placement at);
}
