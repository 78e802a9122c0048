package app.fret.lefthand.effort;

import app.fret.lefthand.hand.Placement;
import java.util.ArrayList;
import java.util.List;

/**
 * Move terms that look at the same sides of a moment: what they weigh at one moment holds at every
 * other that is alike in these.
 */
final class MoveGroup {
  /**
   * Kinds of move that terms can be silent at: the hand travels or not, the string changes or not.
   */
  static final int KINDS = 4;

  private final Weighted<MoveTerm> terms;
  private final Facets facets;

  MoveGroup(Weighted<MoveTerm> terms) {
    this.terms = terms;
    this.facets = terms.facets();
  }

  /** The sides of a moment these terms look at. */
  Facets facets() {
    return facets;
  }

  /** The terms that can speak at a kind of move. */
  Speaking speaking(Moment shown, int kind) {
    List<MoveTerm> speaking = new ArrayList<>();
    List<Double> weights = new ArrayList<>();
    for (int i = 0; i < terms.weights().length; i++) {
      if (terms.terms().get(i).canSpeak(shown, kind >= 2, kind % 2 == 1)) {
        speaking.add(terms.terms().get(i));
        weights.add(terms.weights()[i]);
      }
    }
    return new Speaking(
        shown, speaking.toArray(MoveTerm[]::new), weights.stream().mapToDouble(w -> w).toArray());
  }

  /**
   * Terms that can speak.
   *
   * @param shown what they are shown of the moment
   * @param terms the terms
   * @param weights weight of each
   */
  record Speaking(Moment shown, MoveTerm[] terms, double[] weights) {
    double effort(Placement from, Placement to) {
      double sum = 0;
      for (int i = 0; i < weights.length; i++) {
        sum += weights[i] * terms[i].effort(shown, from, to);
      }
      return sum;
    }
  }
}
