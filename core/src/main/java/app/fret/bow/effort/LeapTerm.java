package app.fret.bow.effort;

import app.fret.bow.stroke.BowPlace;
import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** Leaps over a string are longer for the hand the further out on the bow. */
final class LeapTerm extends NamedTerm {
  private static final double EFFORT = 0.5;

  LeapTerm() {
    super("leap", Look.START, "leaps over strings at a bad place", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    double soft = demand.isSoft() ? 0.5 : 1;
    double out = way.start() * way.start();
    return demand.leap() < 2 ? 0 : EFFORT * soft * (demand.leap() - 1) * out;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return "A leap over a string " + BowPlace.words(way.start()) + ".";
  }
}
