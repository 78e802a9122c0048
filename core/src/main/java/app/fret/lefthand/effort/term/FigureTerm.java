package app.fret.lefthand.effort.term;

import app.fret.lefthand.hand.Placement;

/** An effort of taking a note of a figure otherwise than the figure was taken elsewhere. */
public non-sealed interface FigureTerm extends EffortTerm {
  /**
   * The effort before weighting; finite, zero where the rule is silent.
   *
   * @param at how the note is taken
   * @param model how the same note of the figure is taken elsewhere
   * @param samePitch whether it sounds the same there
   */
  double effort(Placement at, Placement model, boolean samePitch);

  /** The reason in plain words, where the rule speaks. */
  String reason(Placement at, Placement model);
}
