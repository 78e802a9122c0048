package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** The first stroke goes down on a first beat, unless it grows. */
final class FirstTerm extends NamedTerm {
  /** Levels a first stroke grows by when it may well go up. */
  private static final double GROWS = 1.5;

  FirstTerm() {
    super("first", Look.START, "beginning against the usual direction", 1.2);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    return demand.isFirstBeat() && way.isUp() && demand.growth() < GROWS ? 1 : 0;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return "The first beat of all starts up.";
  }
}
