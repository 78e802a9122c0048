package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** The very ends of the hair. */
final class EndsTerm extends NamedTerm {
  private static final double LAST = 0.03;
  private static final double EFFORT = 1.5;

  EndsTerm() {
    super("ends", Look.END, "strokes at the ends of the bow", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    return EFFORT * (Math.max(0, LAST - way.end()) + Math.max(0, way.end() - (1 - LAST)));
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return "It goes to the very end of the hair.";
  }
}
