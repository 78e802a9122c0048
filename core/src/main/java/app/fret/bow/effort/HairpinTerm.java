package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** Growing goes up, fading goes down. */
final class HairpinTerm extends NamedTerm {
  private static final double EFFORT = 0.35;

  HairpinTerm() {
    super("hairpin", Look.START, "growing and fading against the bow", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    double growth = demand.growth();
    boolean against = way.isUp() ? growth < 0 : growth > 0;
    return against ? EFFORT * counted(growth) : 0;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return way.isUp() ? "It fades on an up-bow." : "It grows on a down-bow.";
  }
}
