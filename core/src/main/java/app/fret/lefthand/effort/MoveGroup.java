package app.fret.lefthand.effort;

import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import java.util.ArrayList;
import java.util.List;

/** Move terms that look at the same of two placements, with their weights. */
final class MoveGroup {
  private static final int KINDS = 4;

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

  /** Its terms at a moment. */
  Speaking at(Moment moment) {
    Moment shown = moment.only(facets);
    MoveTerm[][] byKind = new MoveTerm[KINDS][];
    double[][] weights = new double[KINDS][];
    for (int kind = 0; kind < KINDS; kind++) {
      List<MoveTerm> speaking = new ArrayList<>();
      List<Double> weighing = new ArrayList<>();
      for (int i = 0; i < terms.weights().length; i++) {
        if (terms.terms().get(i).canSpeak(shown, kind >= 2, kind % 2 == 1)) {
          speaking.add(terms.terms().get(i));
          weighing.add(terms.weights()[i]);
        }
      }
      byKind[kind] = speaking.toArray(MoveTerm[]::new);
      weights[kind] = weighing.stream().mapToDouble(w -> w).toArray();
    }
    return new Speaking(shown, byKind, weights);
  }

  /**
   * Terms at one moment, sorted by the kinds of move they can speak at: whether the hand travels
   * and the string changes.
   *
   * @param shown what they are shown of the moment
   * @param terms the terms by kind of move
   * @param weights weight of each
   */
  record Speaking(Moment shown, MoveTerm[][] terms, double[][] weights) {
    /** The weighted sum of what they say of a move. */
    double effort(Placement from, Placement to, boolean stringChanges) {
      int kind = (from.hand() != to.hand() ? 2 : 0) + (stringChanges ? 1 : 0);
      double sum = 0;
      for (int i = 0; i < weights[kind].length; i++) {
        sum += weights[kind][i] * terms[kind][i].effort(shown, from, to);
      }
      return sum;
    }

    /** Whether any of them can speak of a move between these stops. */
    boolean canSpeakOf(Placement from, Placement to) {
      for (MoveTerm term : terms[KINDS - 1]) {
        if (term.canSpeakOf(from.stops(), to.stops())) {
          return true;
        }
      }
      return false;
    }

    /** The same, looking for itself whether the string changes. */
    double effort(Placement from, Placement to) {
      return effort(from, to, changesString(from, to));
    }

    private static boolean changesString(Placement from, Placement to) {
      return from.top().string() != to.top().string() || !from.isSingle() || !to.isSingle();
    }
  }
}
