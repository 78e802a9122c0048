package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** The last long note goes down. */
final class LastTerm extends NamedTerm {
  private static final double UP = 0.6;
  private static final double SOFT = 0.3;

  LastTerm() {
    super("last", Look.START, "ending against the usual direction", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    return demand.endsPassage() && way.isUp() ? (demand.isSoft() ? SOFT : UP) : 0;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return "The last note goes up.";
  }
}
