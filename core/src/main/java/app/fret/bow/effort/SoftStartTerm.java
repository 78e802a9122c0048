package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** A soft stroke does not start under the heavy hand at the frog where it need not. */
final class SoftStartTerm extends NamedTerm {
  private static final double HEAVY = 0.12;
  private static final double PER_HAIR = 4;

  SoftStartTerm() {
    super("soft-start", Look.START, "soft notes started at the frog", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    return demand.isSoft() ? PER_HAIR * Math.max(0, HEAVY - way.start()) : 0;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return "A soft note starts under the heavy hand at the frog.";
  }
}
