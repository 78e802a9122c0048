package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** Down on strong beats, up on pickups. */
final class BeatTerm extends NamedTerm {
  private static final double FROM_BEAT = 0.35;
  private static final double LOUDER = 1.2;
  private static final double WEAK_DOWN = 0.5;
  private static final double WEAK_BELOW = 0.3;
  private static final double LENGTH_RELIEF = 0.7;

  BeatTerm() {
    super("beat", Look.START, "beats against the bow", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    if (demand.goesAsItComes()) {
      return 0;
    }
    if (!way.isUp()) {
      return WEAK_DOWN * Math.max(0, WEAK_BELOW - demand.stress());
    }
    double relief = StrokeProfile.clip(1 - LENGTH_RELIEF * demand.ofBar(), 0.3, 1);
    double loud = demand.isLoud() ? LOUDER : 1;
    return relief * Math.max(0, demand.stress() - FROM_BEAT) * loud;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return way.isUp() ? "An up-bow on a strong beat." : "A down-bow on a weak place.";
  }
}
