package app.fret.lefthand.effort.finger;

import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Fingers out of order: in one position a higher finger never stands behind a lower one on the same
 * string, and changing the finger on one note is rarely wanted.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class FingerOrderTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "finger-order", "fingers out of order", "points", Facets.NONE, MoveLook.FINGERS);

  private static final double TANGLED = 3;
  private static final double CHANGED_ON_ONE_NOTE = 0.5;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    boolean handStays = from.hand() == to.hand() && from.frame().region() == to.frame().region();
    if (from.isSingle() && to.isSingle()) {
      return between(from.top(), to.top(), handStays);
    }
    double effort = 0;
    // Counted loops: this runs for every pair of placements, where iterators weigh most.
    for (int i = 0; i < from.stops().size(); i++) {
      for (int j = 0; j < to.stops().size(); j++) {
        effort += between(from.stops().get(i), to.stops().get(j), handStays);
      }
    }
    return effort;
  }

  private static double between(Stop one, Stop other, boolean handStays) {
    if (one.string() != other.string() || one.isOpen() || other.isOpen()) {
      return 0;
    }
    int fingers = Integer.compare(other.finger().rank(), one.finger().rank());
    int semitones = Integer.compare(other.place(), one.place());
    if (semitones == 0) {
      return fingers == 0 ? 0 : CHANGED_ON_ONE_NOTE;
    }
    return handStays && fingers != 0 && fingers != semitones ? TANGLED : 0;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return from.top().place() == to.top().place()
        ? "Another finger takes over on the same note."
        : "The fingers would stand out of order.";
  }
}
