package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** A fading up-bow does not end at the heavy frog, a growing down-bow not at the light tip. */
final class HairpinEndTerm extends NamedTerm {
  private static final double EFFORT = 1.2;
  private static final double ROOM = 0.22;
  private static final double PER = 0.2;

  HairpinEndTerm() {
    super("hairpin-end", Look.END, "swells that end at the wrong place", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    double growth = demand.growth();
    boolean fadesUp = way.isUp() && growth < 0;
    boolean growsDown = !way.isUp() && growth > 0;
    if (!fadesUp && !growsDown) {
      return 0;
    }
    double left = fadesUp ? way.end() : 1 - way.end();
    return demand.room() * EFFORT * counted(growth) * Math.max(0, ROOM - left) / PER;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return way.isUp() ? "It fades at the heavy frog." : "It grows at the light tip.";
  }
}
