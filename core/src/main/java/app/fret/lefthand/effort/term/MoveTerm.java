package app.fret.lefthand.effort.term;

import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Moment;
import java.util.List;

/** An effort of getting from one placement to the next. */
public non-sealed interface MoveTerm extends EffortTerm {
  /**
   * The effort before weighting; finite, zero where the rule is silent.
   *
   * @param moment the moment of the note arrived at
   */
  double effort(Moment moment, Placement from, Placement to);

  /**
   * Whether the rule can speak at all at such moves; where it cannot, it is not asked.
   *
   * @param handTravels whether the hand goes elsewhere
   * @param stringChanges whether the highest note goes to another string, or a chord is involved
   */
  default boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return true;
  }

  /**
   * Whether the rule can speak of moves between these stops at all, wherever the hand stands; where
   * it cannot, it is not asked.
   */
  default boolean canSpeakOf(List<Stop> from, List<Stop> to) {
    return true;
  }

  /** The reason in plain words, for a move where the rule speaks. */
  String reason(Moment moment, Placement from, Placement to);
}
