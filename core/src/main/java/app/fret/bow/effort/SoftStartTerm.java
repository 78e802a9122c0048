package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/**
 * A soft stroke does not start under the heavy hand at the frog, unless it grows and so needs the
 * bow that lies before it.
 */
final class SoftStartTerm extends NamedTerm {
  private static final double HEAVY = 0.12;
  private static final double PER_HAIR = 4;

  /** Levels by which a stroke grows enough to begin at the frog. */
  private static final double GROWS = 0.5;

  SoftStartTerm() {
    super("soft-start", Look.START, "soft notes started at the frog", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    return demand.isSoft() && demand.growth() < GROWS
        ? PER_HAIR * Math.max(0, HEAVY - way.start())
        : 0;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return "A soft note starts under the heavy hand at the frog.";
  }
}
